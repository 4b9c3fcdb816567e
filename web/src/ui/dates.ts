const MOMENT = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' });
const DAY = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium' });

/** A moment that the server wrote down, which is UTC and says no zone. */
function parsed(at: string) {
  return new Date(/[zZ]|[+-]\d\d:\d\d$/.test(at) ? at : `${at}Z`);
}

/** Date and time of a moment, in the zone and manner of whoever looks. */
export function moment(at: string) {
  return MOMENT.format(parsed(at));
}

/** The date of a moment, in the zone and manner of whoever looks. */
export function dayOf(at: string) {
  return DAY.format(parsed(at));
}

/** A date that has no time and so no zone, such as 2026-12-25. */
export function calendarDay(date: string) {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  return DAY.format(new Date(year, month - 1, day));
}

/** Today where one is, as fields for dates take it: 2026-12-25. */
export function today(now = new Date()) {
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}
