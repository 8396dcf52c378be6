import type { LineStyle } from '../drawing/drawing';
import type { Mm } from '../measure/units';
import type { Tint } from './pageShape';

/**
 * Line styles of Elvane's sheets. Baseline strongest; waistline the same colour, lighter; ascender and descender dashed; branch and
 * small-capital lines dotted; slope lines hair-thin. Kinds differ in dash and width as well as in colour, so that they are distinct in
 * black and white.
 */
export interface LineLanguage {
  readonly baseline: LineStyle;
  readonly waistline: LineStyle;
  readonly ascender: LineStyle;
  readonly descender: LineStyle;
  readonly capital: LineStyle;
  readonly branch: LineStyle;
  readonly smallCapital: LineStyle;
  readonly dot: LineStyle;
  readonly halfDot: LineStyle;
  readonly slope: LineStyle;
  /** Ladders, gauges, bars and lettering. */
  readonly aid: string;
  readonly ladder: string;
  /** Ink of the exemplar, and of text to be read. */
  readonly exemplar: string;
  /** Small text to be read, and lettering under what is written. */
  readonly small: string;
  /** Remark on the page about what could not be done. */
  readonly remark: string;
  /** What guides the eye: the pen's way, its edge, and two tones that tell neighbouring strokes apart. */
  readonly guide: { readonly way: string; readonly edge: string; readonly tones: readonly [string, string] };
  /** Models to write over: pale, middle, full; chains of dots; what of a picture was drawn in earlier steps. */
  readonly model: Readonly<Record<'pale' | 'middle' | 'full' | 'chain' | 'earlier', string>>;
}

type Inks = Pick<LineLanguage, 'exemplar' | 'small' | 'remark' | 'guide' | 'model'>;

/** Inks of a page that is read and written over. The tones of neighbouring strokes are both light enough to write over. */
const READ: Inks = {
  exemplar: '#1f2430',
  small: '#6b6e80',
  remark: '#a33327',
  guide: { way: '#a33327', edge: '#2f6f66', tones: ['#c6cad8', '#a9aec2'] },
  model: { pale: '#c9cdda', middle: '#989db2', full: '#1f2430', chain: '#d9dbe4', earlier: '#c6cad8' },
};

/** Inks of a page meant to drop out whole, so that only what was written is left: all of the tint's own hue. */
const DROPPED: Inks = {
  exemplar: '#8fd3ea',
  small: '#7cc6df',
  remark: '#7cc6df',
  guide: { way: '#7cc6df', edge: '#8fd3ea', tones: ['#c3e8f4', '#b5e3f2'] },
  model: { pale: '#c3e8f4', middle: '#b5e3f2', full: '#8fd3ea', chain: '#daf1f8', earlier: '#c3e8f4' },
};

interface Colours {
  readonly main: string;
  readonly light: string;
  readonly aid: string;
  readonly ladder: string;
  /** Multiplies every line width. */
  readonly weight: number;
}

/**
 * Faint: to write on, present until the ink is dry. Strong: a master to lie under layout paper. Drop-out: pale cyan,
 * the colour that copiers and scanners can be told to leave out.
 */
const TINTS: Readonly<Record<Tint, Colours>> = {
  faint: { main: '#8c8fa3', light: '#b4b6c4', aid: '#6b6e80', ladder: '#b9bbc7', weight: 0.75 },
  strong: { main: '#1f2430', light: '#4a4f5e', aid: '#1f2430', ladder: '#4a4f5e', weight: 1.3 },
  'drop-out': { main: '#8fd3ea', light: '#b5e3f2', aid: '#7cc6df', ladder: '#c3e8f4', weight: 1 },
};

const BASE: Mm = 0.25;
const FINE: Mm = 0.15;
const HAIR: Mm = 0.1;

export function lineLanguage(tint: Tint): LineLanguage {
  const { main, light, aid, ladder, weight } = TINTS[tint];
  const line = (colour: string, width: Mm, dash?: readonly Mm[]): LineStyle => ({
    colour,
    width: width * weight,
    dash,
  });
  return {
    baseline: line(main, BASE),
    waistline: line(light, BASE * 0.8),
    ascender: line(light, FINE, [3, 1.5]),
    descender: line(light, FINE, [1.5, 1.5]),
    capital: line(main, BASE),
    branch: line(light, FINE, [0.4, 1.2]),
    smallCapital: line(light, FINE, [4, 1, 0.5, 1]),
    dot: line(light, HAIR),
    halfDot: line(light, HAIR, [0.3, 1.5]),
    slope: line(light, HAIR),
    aid,
    ladder,
    ...(tint === 'drop-out' ? DROPPED : READ),
  };
}
