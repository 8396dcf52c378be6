/** Everyday names of hues, each with its upper bound in degrees of the HSL circle. */
const HUES: readonly (readonly [end: number, name: string])[] = [
  [15, 'red'],
  [45, 'orange'],
  [68, 'yellow'],
  [160, 'green'],
  [195, 'blue-green'],
  [250, 'blue'],
  [290, 'violet'],
  [335, 'purple'],
  [360, 'red'],
];
/** Under this saturation a colour is a grey; lightness from which it is told as light, and up to which as dark. */
const GREY = 0.12;
const LIGHT = 0.7;
const DARK = 0.32;
/** Beyond these it is white, or black. */
const WHITE = 0.95;
const BLACK = 0.1;
/** A dark orange is called brown. */
const BROWN: ReadonlySet<string> = new Set(['orange', 'yellow']);

/** A colour `#rrggbb` as it is called: “dark blue”, “light green”, “brown”. */
export function colourName(colour: string): string {
  const [r, g, b] = [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16) / 255) as [
    number,
    number,
    number,
  ];
  const [most, least] = [Math.max(r, g, b), Math.min(r, g, b)];
  const lightness = (most + least) / 2;
  const chroma = most - least;
  if (lightness >= WHITE) return 'white';
  if (lightness <= BLACK) return 'black';
  const shade = lightness >= LIGHT ? 'light ' : lightness <= DARK ? 'dark ' : '';
  const saturation = chroma / (1 - Math.abs(2 * lightness - 1));
  if (chroma === 0 || saturation < GREY) return `${shade}grey`;
  const sector =
    most === r ? ((g - b) / chroma + 6) % 6 : most === g ? (b - r) / chroma + 2 : (r - g) / chroma + 4;
  const hue = HUES.find(([end]) => sector * 60 <= end)?.[1] ?? 'red';
  return shade === 'dark ' && BROWN.has(hue) ? 'brown' : `${shade}${hue}`;
}
