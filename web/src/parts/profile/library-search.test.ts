import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { isNarrowed, toggled, wantedOf, withValue } from './library-search';

describe('the address of a search', () => {
  test.each([
    ['', {}],
    ['search=gobo&order=NAME', { search: 'gobo', order: 'NAME' }],
    ['shelf=HOUSE&shelf=REFERENCE', { shelf: ['HOUSE', 'REFERENCE'] }],
    ['cells=true&proven=false', { cells: true, proven: false }],
    ['footprintFrom=12&footprintTo=', { footprintFrom: 12 }],
    ['footprintFrom=12345', {}],
    ['nonsense=1', {}],
  ])('%j asks for %j', (address, wanted) => expect(wantedOf(new URLSearchParams(address))).toEqual(wanted));

  test('is narrowed by anything but words and order', () => {
    expect(isNarrowed(new URLSearchParams('search=a&order=NAME'))).toBe(false);
    expect(isNarrowed(new URLSearchParams('search=a&shelf=HOUSE'))).toBe(true);
  });

  test('an empty value is no value', () => {
    expect(withValue(new URLSearchParams('search=a&since=2026-01-01'), 'since', '').toString()).toBe('search=a');
  });

  test('a value that is chosen twice is not chosen', () => {
    const values = fc.uniqueArray(fc.constantFrom('Osier & Vane', 'Tidewick', 'Brinewell'));
    fc.assert(
      fc.property(values, fc.constantFrom('Osier & Vane', 'Tidewick', 'Brinewell'), (chosen, value) => {
        const before = new URLSearchParams(chosen.map((each) => ['manufacturer', each]));
        const twice = toggled(toggled(before, 'manufacturer', value), 'manufacturer', value);
        expect(twice.getAll('manufacturer').toSorted()).toEqual(chosen.toSorted());
        expect(toggled(before, 'manufacturer', value).getAll('manufacturer').includes(value)).toBe(!chosen.includes(value));
      }),
    );
  });
});
