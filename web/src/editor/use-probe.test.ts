import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { channel } from '#/test/drafts';
import { useProbe, within } from './use-probe';

test('a probe stands at the end of a channel that became narrower', () => {
  const { result, rerender } = renderHook(({ max }) => useProbe([channel({ max })]), { initialProps: { max: 65535 } });
  act(() => result.current.setProbe(10, 40000));
  expect(result.current.probe).toEqual({ 10: 40000 });

  rerender({ max: 255 });
  expect(result.current.probe).toEqual({ 10: 255 });

  rerender({ max: 65535 });
  expect(result.current.probe).toEqual({ 10: 40000 });
});

test('channels of another mode have no probe here, and keep theirs', () => {
  const { result, rerender } = renderHook(({ id }) => useProbe([channel({ id })]), { initialProps: { id: 10 } });
  act(() => result.current.setProbe(10, 7));

  rerender({ id: 20 });
  expect(result.current.probe).toEqual({});

  rerender({ id: 10 });
  expect(result.current.probe).toEqual({ 10: 7 });
});

test('no probe is ever outside of its channel', () => {
  const probes = fc.dictionary(fc.constantFrom('1', '2', '3'), fc.nat(2 ** 32));
  fc.assert(
    fc.property(probes, fc.constantFrom(255, 65535), (put, max) => {
      expect(
        Object.values(
          within(put, [
            { id: 1, max },
            { id: 3, max },
          ]),
        ).every((raw) => raw <= max),
      ).toBe(true);
    }),
  );
});
