/** The columns that functions and their named ranges share. */
export const COLUMNS =
  'grid grid-cols-[4.25rem_4.25rem_minmax(7rem,1.6fr)_minmax(4rem,1fr)_4.5rem_4.5rem_2.25rem_4rem] items-center gap-x-1';
