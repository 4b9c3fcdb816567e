import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import type { ValueForm } from '#/api/types';
import { written } from './value-form';

// what the core reads each of these as is tested there, of the same table
const TABLE = readFileSync(`${import.meta.dirname}/../../../../core/src/test/resources/yellowkite/core/dmx/written-values.csv`, 'utf8')
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => line.split(','));

describe('values are written as the core reads them', () => {
  test.each(TABLE)('%s of %s bytes, %s: %s', (raw, bytes, form, text) => {
    expect(written(Number(raw), Number(bytes), form as ValueForm)).toBe(text);
  });
});
