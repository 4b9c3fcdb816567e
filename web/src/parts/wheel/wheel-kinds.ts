import type { WheelKind } from '#/api/types';

/** What a wheel can be, in words. */
export const KINDS: { value: WheelKind; text: string }[] = [
  { value: 'STILL_GOBOS', text: 'Still gobos' },
  { value: 'TURNING_GOBOS', text: 'Turning gobos' },
  { value: 'COLOURS', text: 'Colours' },
  { value: 'STRING', text: 'Colour scroll' },
  { value: 'PRISMS', text: 'Prisms' },
  { value: 'ANIMATION', text: 'Animation disc' },
  { value: 'OTHER', text: 'Something else' },
];
