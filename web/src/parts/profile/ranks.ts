import type { Rank } from '#/api/types';

/** What a difference does to a programmed show, the worst first: its sign, its word, and what that means. */
export const RANKS: { rank: Rank; sign: string; text: string; means: string; tone: string }[] = [
  {
    rank: 'BREAKS',
    sign: '✕',
    text: 'breaks',
    means: 'addresses, widths or meanings moved: stored values do something else',
    tone: 'text-error',
  },
  { rank: 'SHIFTS', sign: '≈', text: 'shifts', means: 'stored values mean something slightly different', tone: 'text-warning' },
  { rank: 'ADDS', sign: '+', text: 'adds', means: 'more to use; what was stored stays unchanged', tone: 'text-good' },
  { rank: 'COSMETIC', sign: '·', text: 'cosmetic', means: 'names, texts and pictures', tone: 'text-muted' },
];

export function rankOf(rank: Rank) {
  return RANKS.find((each) => each.rank === rank) ?? { sign: '·', text: '', tone: 'text-muted' };
}
