import type { Stroke } from '../drawing/drawing';
import type { Mm } from '../measure/units';
import type { Tint } from './pageShape';

/**
 * Elvane's own line language. Baseline strongest; waistline the same colour, lighter; ascender and descender dashed;
 * branch and small-capital lines dotted; slope lines hair-thin. Kinds differ in dash and width as well as in colour,
 * so that they can be told apart in black and white.
 */
export interface LineLanguage {
  readonly baseline: Stroke;
  readonly waistline: Stroke;
  readonly ascender: Stroke;
  readonly descender: Stroke;
  readonly capital: Stroke;
  readonly branch: Stroke;
  readonly smallCapital: Stroke;
  readonly dot: Stroke;
  readonly halfDot: Stroke;
  readonly slope: Stroke;
  /** Ladders, gauges, bars and lettering. */
  readonly aid: string;
  readonly ladder: string;
  /** Ink of the exemplar. */
  readonly exemplar: string;
}

/** Exemplars are read, not written over: full ink, but for a sheet meant to drop out whole. */
const INK = '#1f2430';

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
  const line = (colour: string, width: Mm, dash?: readonly Mm[]): Stroke => ({
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
    exemplar: tint === 'drop-out' ? main : INK,
  };
}
