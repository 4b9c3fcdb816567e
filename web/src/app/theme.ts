const KEY = 'kite-theme';
export type Theme = 'dark' | 'light';

export function currentTheme(): Theme {
  return localStorage.getItem(KEY) === 'light' ? 'light' : 'dark';
}

/** Puts a theme on the page and keeps it in this browser. */
export function applyTheme(theme: Theme = currentTheme()) {
  localStorage.setItem(KEY, theme);
  document.documentElement.dataset.theme = theme;
}
