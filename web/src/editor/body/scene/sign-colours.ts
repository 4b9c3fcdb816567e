import type { Sign } from '#/api/types';

/** Colours of signs, in the room and on the sheet. */
export const SIGN_COLOURS: Record<Sign['kind'], string> = {
  FRONT: '#3fae6a',
  PAN: '#4aa8d8',
  TILT: '#d88a4a',
  ZERO: '#8a959c',
  NOW: '#f4c531',
};
