import { expect, test } from 'vitest';
import { saidTail } from './said-tail';

const pennant = (attribute: string, bytes = 1) => ({ featureGroup: 'Beam', attribute, bytes });

test('a tail is said by what hangs on it, cells by their count', () => {
  const bundles = [
    { times: 1, pennants: [pennant('Pan', 2), pennant('Tilt', 2), pennant('Dimmer')] },
    { times: 10, pennants: ['ColorAdd_R', 'ColorAdd_G', 'ColorAdd_B', 'ColorAdd_W'].map((each) => pennant(each)) },
  ];

  expect(saidTail(bundles)).toBe('Pan 16 bit, Tilt 16 bit, Dimmer, 10 cells of 4');
  expect(saidTail([])).toBe('');
});

test('of a long one the beginning is said', () => {
  const many = Array.from({ length: 12 }, (_, at) => pennant(`A${at + 1}`));

  expect(saidTail([{ times: 1, pennants: many }])).toBe('A1, A2, A3, A4, A5, A6, A7, A8 and 4 more');
});
