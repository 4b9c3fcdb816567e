import { stored } from '#/ui/stored';

export type Theme = 'dark' | 'light';

/** The theme that this browser keeps. */
export const theme = stored<Theme>(
  'kite-theme',
  (kept) => (kept === 'light' ? 'light' : 'dark'),
  (value) => value,
);

/** Puts a theme on the page and keeps it. */
export function applyTheme(to: Theme = theme.now()) {
  theme.set(to);
  document.documentElement.dataset.theme = to;
}
