import { stored } from '#/ui/stored';

/** Where universes of rigs go whose way the rig does not say. */
export const sentTo = stored<string>(
  'kite-identify-to',
  (kept) => kept ?? 'artnet 127.0.0.1:6454',
  (to) => to,
);
