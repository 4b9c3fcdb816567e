import type { RestsOn } from '#/api/types';

/** What a revision rests on, in words. */
export const RESTS_ON: { value: RestsOn; text: string }[] = [
  { value: 'UNSAID', text: 'not said' },
  { value: 'CHART', text: "the manufacturer's chart" },
  { value: 'LAMP', text: 'a fixture on the bench' },
  { value: 'COLLEAGUE', text: "a colleague's word or file" },
  { value: 'RELEASE', text: 'a release' },
  { value: 'FILE', text: 'a file that came in' },
];

export function restsOn(value: RestsOn) {
  return RESTS_ON.find((each) => each.value === value)?.text ?? '';
}
