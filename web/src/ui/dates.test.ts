import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { calendarDay, dayOf, moment, today } from './dates';

beforeEach(() => vi.stubEnv('TZ', 'America/Vancouver')); // eight hours west of Greenwich in winter
afterEach(() => vi.unstubAllEnvs());

test('a moment of the server is shown where one is', () => {
  expect(moment('2026-01-05T03:30:00')).toBe(moment('2026-01-05T03:30:00Z'));
  expect(moment('2026-01-05T03:30:00')).not.toContain('UTC');
});

test('a date without a time is the same everywhere', () => {
  expect(calendarDay('2026-12-25')).toBe(new Intl.DateTimeFormat(undefined, { dateStyle: 'medium' }).format(new Date(2026, 11, 25)));
  expect(dayOf('2026-12-25T12:00:00')).toContain('2026');
});

test('in the evening it is still today', () => {
  expect(today(new Date(2026, 0, 4, 23, 59))).toBe('2026-01-04');
});
