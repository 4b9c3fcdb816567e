import fc from 'fast-check';
import { expect, test } from 'vitest';
import { bar } from '#/test/drafts';
import { stepped } from './probe-steps';

const key = (name: string, shiftKey = false) => ({ key: name, shiftKey });
const functions = [
  bar({ from: 0, to: 63, ranges: [] }),
  bar({
    id: 101,
    from: 64,
    to: 255,
    ranges: [64, 128].map((from, id) => ({
      id,
      name: '',
      from,
      to: from + 9,
      slot: 0,
      slotName: '',
      physicalFrom: { value: 0, text: '0' },
      physicalTo: { value: 0, text: '0' },
      ownPhysical: false,
      mark: null,
    })),
  }),
];

test.each([
  ['ArrowRight', 7, 8],
  ['ArrowUp', 7, 8],
  ['ArrowLeft', 7, 6],
  ['ArrowLeft', 0, 0],
  ['ArrowRight', 255, 255],
  ['PageUp', 7, 23], // a sixteenth of 256
  ['PageDown', 7, 0],
  ['Home', 7, 0],
  ['End', 7, 255],
])('%s leads from %i to %i', (name, from, to) => expect(stepped(key(name), from, { max: 255, functions })).toBe(to));

test.each([
  ['ArrowRight', 0, 64],
  ['ArrowRight', 64, 128],
  ['ArrowRight', 128, 255],
  ['ArrowLeft', 200, 128],
  ['ArrowLeft', 64, 0],
])('Shift and %s lead from %i to the range at %i', (name, from, to) =>
  expect(stepped(key(name, true), from, { max: 255, functions })).toBe(to),
);

test('other keys lead nowhere', () => expect(stepped(key('a'), 7, { max: 255, functions })).toBeNull());

test('no key leads out of the channel, of one to four bytes', () => {
  const keys = fc.constantFrom('ArrowRight', 'ArrowLeft', 'PageUp', 'PageDown', 'Home', 'End');
  fc.assert(
    fc.property(
      keys,
      fc.boolean(),
      fc.constantFrom(1, 2, 3, 4),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (name, shift, bytes, share) => {
        const max = 256 ** bytes - 1;
        const next = stepped(key(name, shift), Math.floor(share * max), { max, functions });
        expect(next).toBeGreaterThanOrEqual(0);
        expect(next).toBeLessThanOrEqual(max);
      },
    ),
  );
});
