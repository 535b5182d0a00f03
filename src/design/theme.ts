/** A theme: light or dark; `system` follows the machine. */
export type Theme = 'light' | 'dark' | 'system';

/** The key of the choice in local storage: the page itself reads it before its first paint, so it cannot be in the database. */
export const THEME_KEY = 'dove-path/theme';

/** Gives the theme that is seen now. */
export function themeNow(): 'light' | 'dark' {
  const chosen = document.documentElement.dataset['theme'];
  if (chosen === 'light' || chosen === 'dark') return chosen;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

/** Chooses light or dark for this browser. */
export function chooseTheme(theme: Theme): void {
  if (theme === 'system') {
    delete document.documentElement.dataset['theme'];
    remember(() => localStorage.removeItem(THEME_KEY));
  } else {
    document.documentElement.dataset['theme'] = theme;
    remember(() => localStorage.setItem(THEME_KEY, theme));
  }
}

function remember(write: () => void): void {
  try {
    write();
  } catch {
    // A browser that keeps nothing has the theme of its machine on the next page.
  }
}
