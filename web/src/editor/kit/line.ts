/** The columns of a channel's line: address, pennant, name, bar, badges. */
export const LINE = 'grid-cols-[4.5rem_1.25rem_minmax(6rem,9.5rem)_minmax(0,1fr)_3rem] items-center gap-2 pr-3 pl-3';
