import { upperLine } from '@/core/hand/upperLine';
import { type HandId, handById } from '@/core/hands/registry';
import { signed } from '@/core/measure/units';
import { RAGGED, THICK_HAIRLINE } from '@/core/review/pageRemarks';
import type { FigureId, ReviewFigure } from '@/core/review/review';

const degrees = (value: number) => `${signed(value, 1)}°`;
const mm = (value: number) => `${signed(value, 2)} mm`;
const percent = (value: number) => `${signed(100 * value, 0)} %`;

/** Under this share of the model's a line is fine: closer it cannot be told (docs/measuring.md). */
const FINE = 0.75;
const rank =
  ([under, like, over]: readonly [string, string, string]) =>
  (value: number): string =>
    value < FINE ? under : value > THICK_HAIRLINE ? over : like;
/** Shades that are full later than the model's by these shares of their width are rounder, or begin as points. */
const TAPERED = 0.3;
const POINTED = 0.7;

/** Edges that lie closer to their lines than this, in mm, are clean. */
const CLEAN = 0.015;

/** Told as ranks, not as numbers: pictures do not tell them closer. */
const RANKS: ReadonlySet<FigureId> = new Set(['ragged', 'hairline', 'contrast', 'tops']);
export const isRank = (id: FigureId): boolean => RANKS.has(id);

/** What a figure is called, and how it is written. */
export const FIGURES: Readonly<
  Record<FigureId, { readonly name: string; readonly say: (value: number) => string }>
> = {
  angle: { name: 'Pen angle', say: degrees },
  angleSpread: { name: 'Pen angle wanders by', say: degrees },
  nib: { name: 'Nib, by its ink', say: mm },
  slope: { name: 'Slope', say: degrees },
  slopeSpread: { name: 'Slope wanders by', say: degrees },
  body: { name: 'Body height', say: mm },
  heads: { name: 'Heads over the upper line', say: mm },
  feet: { name: 'Feet over the baseline', say: mm },
  sinking: { name: 'Feet sink along a line by', say: mm },
  weight: { name: 'Stems against the model', say: percent },
  evenness: { name: 'Stems differ by', say: percent },
  width: { name: 'Letters against the model', say: percent },
  counter: { name: 'White inside letters against the model', say: percent },
  parallels: { name: 'Stems of a letter out of parallel by', say: degrees },
  hairline: {
    name: 'Thinnest lines',
    say: rank(['finer than the model’s', 'as the model’s', 'thicker than the model’s']),
  },
  contrast: {
    name: 'Thin against thick',
    say: rank(['sharper than the model', 'as in the model', 'softer than the model']),
  },
  inside: { name: 'Stems apart inside letters, off the model', say: mm },
  between: { name: 'Stems apart between letters, off the model', say: mm },
  stride: { name: 'Stems apart', say: mm },
  lines: { name: 'Lines against the layout', say: percent },
  rails: { name: 'Letters with rails in their shades', say: percent },
  tops: {
    name: 'Tops of shades',
    say: (value) =>
      value < TAPERED
        ? 'as the model’s'
        : value < POINTED
          ? 'rounder than the model’s'
          : 'pointed: pressed late',
  },
  ragged: {
    name: 'Edges',
    say: (value) => (value < CLEAN ? 'clean' : value < RAGGED ? 'a little ragged' : 'ragged'),
  },
};

/** A figure's name as this hand's lines are called. */
export const figureName = (id: FigureId, hand: HandId): string =>
  id === 'heads' ? `Heads over the ${upperLine(handById(hand))}` : FIGURES[id].name;

/** A unit that is written apart from its number is written once, after the ±. */
const UNIT = / (mm|%)$/;

/** A figure with its ±, as text; ranks have none. */
export function figureText({ id, value, error }: ReviewFigure): string {
  const { say } = FIGURES[id];
  return isRank(id) ? say(value) : `${say(value).replace(UNIT, '')} ± ${say(error)}`;
}
