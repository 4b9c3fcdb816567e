import type { Edit, RangeBar } from '#/api/types';
import { readPhysical } from '#/parts/number/physical';

/** The edit for a physical value that was typed, or why it is none. */
export async function physical(text: string, unit: string, toEdit: (value: number) => Edit) {
  const value = await readPhysical(text, unit);
  return typeof value === 'string' ? value : toEdit(value);
}

/** One end of a named range; emptied, the range follows its function again. The other end stays. */
export async function rangePhysical(text: string, unit: string, range: RangeBar, end: 'from' | 'to'): Promise<Edit | string> {
  const none = { type: 'setRangePhysical', range: range.id, from: null, to: null } as const;
  return text === '' ? none : physical(text, unit, (value) => ({ ...none, [end]: value }));
}
