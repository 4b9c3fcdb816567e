import type { WalkStep } from '#/api/types';

/** What a step tries, in few words. */
export const KINDS: Record<WalkStep['kind'], string> = {
  UNSENT: 'Before the first frame',
  START: 'All channels at their start values',
  HIGHLIGHT: 'All channels at their highlight values',
  FIRST: 'First value',
  MIDDLE: 'Middle',
  LAST: 'Last value',
  BETWEEN: 'A value between',
  ZERO: 'Zero',
  FINE: 'One fine step on',
  CELL: 'One cell alone',
};

/** Why a step differs, as it is mostly said. */
export const REASONS = ['Nothing happens', 'The other way round', 'Another slot', 'Another colour', 'Earlier or later', 'Another part'];
