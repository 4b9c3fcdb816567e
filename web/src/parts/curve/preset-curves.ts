import type { Shelf } from '#/api/types';

/** The preset curves in words, and what the number of those is that take one. */
export const PRESET_CURVES: Record<Shelf, { text: string; parameter?: string }> = {
  LINEAR: { text: 'Linear' },
  SQUARE: { text: 'Square law' },
  INVERSE_SQUARE: { text: 'Inverse square' },
  S_SOFT: { text: 'S, soft' },
  S_HARD: { text: 'S, hard' },
  LOGARITHMIC: { text: 'Logarithmic' },
  EXPONENTIAL: { text: 'Exponential' },
  CUBIC: { text: 'Cubic' },
  STEPPED: { text: 'Stepped', parameter: 'Steps' },
  ON_FROM: { text: 'On from', parameter: 'From, %' },
  OFF_FROM: { text: 'Off from', parameter: 'From, %' },
  FULL: { text: 'Always full' },
  CEILING: { text: 'Up to', parameter: 'Up to, %' },
  TRIANGLE: { text: 'Triangle' },
};
