import type { Place, Pose } from '#/api/types';
import type { Piece } from './shape';

export type Handle = 'move' | 'turn' | null;

/** What the stage shows; shapes and places by name of model and part. */
export type Shown = {
  pose: Pose;
  /** How the fixture is mounted: when that changes, the camera goes there. */
  mounted: string;
  /** Without those that are still on their way. */
  shapes: ReadonlyMap<string, Piece[]>;
  complete: boolean;
  places: ReadonlyMap<string, Place>;
  picked: string;
  handle: Handle;
  signs: boolean;
};
