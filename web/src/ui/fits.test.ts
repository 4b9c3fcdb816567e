import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { fits } from './fits';

describe('what is typed', () => {
  test.each([
    ['', 'Add a mode'],
    ['mode', 'Add a mode'],
    ['add mo', 'Add a mode'],
    ['mo ad', 'Add a mode'],
    ['ADD', 'Add a mode'],
    ['gobo 1', 'Gobo 1 Head'],
  ])('%j fits %j as it stands', (typed, text) => expect(fits(typed, text)).toBe(0));

  test.each([
    ['pulbish', 'Publish'], // two swapped
    ['publsh', 'Publish'], // one missing
    ['pubblish', 'Publish'], // one too many
    ['pablish', 'Publish'], // one wrong
    ['relases', 'Releases'],
  ])('%j fits %j with one slip', (typed, text) => expect(fits(typed, text)).toBe(1));

  test.each([
    ['modem', 'Add a node'],
    ['zoo', 'Focus'],
    ['ad', 'Make a release'], // short words have no room for slips
    ['publish zoom', 'Publish'],
  ])('%j does not fit %j', (typed, text) => expect(fits(typed, text)).toBeNull());
});

test('every beginning of every word fits', () => {
  fc.assert(
    fc.property(fc.stringMatching(/^[a-z]{1,9}( [a-z]{1,9}){0,3}$/), fc.nat(), fc.nat(), (text, which, length) => {
      const words = text.split(' ');
      const word = words[which % words.length] ?? '';
      expect(fits(word.slice(0, 1 + (length % word.length)), text)).toBe(0);
    }),
  );
});
