import type { KeyboardEvent } from 'react';
import type { ChannelRow } from '#/api/types';

type Key = Pick<KeyboardEvent, 'key' | 'shiftKey'>;

/** Where a key leads the probe: by one, by a sixteenth of the bar, to an end, or with Shift to the next range or function. Null if nowhere. */
export function stepped({ key, shiftKey }: Key, at: number, { max, functions }: Pick<ChannelRow, 'max' | 'functions'>) {
  if (shiftKey && (key === 'ArrowRight' || key === 'ArrowLeft')) {
    const starts = [...new Set(functions.flatMap((each) => [each.from, ...each.ranges.map((range) => range.from)]))].sort((a, b) => a - b);
    return key === 'ArrowRight' ? (starts.find((start) => start > at) ?? max) : (starts.reverse().find((start) => start < at) ?? 0);
  }
  if (key === 'Home') return 0;
  if (key === 'End') return max;
  const coarse = Math.max(1, Math.floor((max + 1) / 16));
  const step = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: coarse, PageDown: -coarse }[key];
  return step === undefined ? null : Math.min(max, Math.max(0, at + step));
}
