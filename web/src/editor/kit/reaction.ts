/** How a channel reacts to fades and masters. */
export const FADES = [
  { value: 'NO', text: 'Follows fades' },
  { value: 'YES', text: 'Snaps' },
] as const;
export const MASTERS = [
  { value: 'NONE', text: 'No master' },
  { value: 'GRAND', text: 'Grand master' },
  { value: 'GROUP', text: 'Group master' },
] as const;
/** What is null stays as it is. */
export const REACTION = { type: 'setReaction', snap: null, master: null, mibFade: null, dmxChangeTimeLimit: null } as const;
