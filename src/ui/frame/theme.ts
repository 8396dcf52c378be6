/** Two themes, the same roles of colour in both. Kept in a cookie, so that the server draws the right one at once. */
export const THEMES = ['vellum', 'lampblack'] as const;
export type Theme = (typeof THEMES)[number];
export const THEME_COOKIE = 'elvane-theme';

export const readTheme = (value: string | undefined): Theme =>
  THEMES.find((theme) => theme === value) ?? THEMES[0];
