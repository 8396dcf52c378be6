/** Two themes, the same roles of colour in both. Kept in a cookie, so that the server draws the right one at once. */
export const THEMES = ['vellum', 'lampblack'] as const;
export type Theme = (typeof THEMES)[number];
export const THEME_COOKIE = 'elvane-theme';

export const readTheme = (value: string | undefined): Theme =>
  THEMES.find((theme) => theme === value) ?? THEMES[0];

/** Colours of chart series, the theme's own roles first; each is read from the rendered page. */
const SERIES = [
  '--color-primary',
  '--color-accent',
  '--color-warning',
  '--color-series-4',
  '--color-series-5',
  '--color-series-6',
];

export const seriesColours = (style: CSSStyleDeclaration): string[] =>
  SERIES.map((role) => style.getPropertyValue(role).trim() || style.color);
