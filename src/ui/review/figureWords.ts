import { plain } from '@/core/measure/units';
import type { FigureId, ReviewFigure } from '@/core/review/review';

const degrees = (value: number) => `${plain(value, 1)}°`;
const mm = (value: number) => `${plain(value, 2)} mm`;
const percent = (value: number) => `${plain(100 * value, 0)} %`;

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
  heads: { name: 'Heads over the waistline', say: mm },
  feet: { name: 'Feet over the baseline', say: mm },
  sinking: { name: 'Feet sink along a line by', say: mm },
  weight: { name: 'Stems against the model', say: percent },
  evenness: { name: 'Stems differ by', say: percent },
  width: { name: 'Letters against the model', say: percent },
  inside: { name: 'Stems apart inside letters, off the model', say: mm },
  between: { name: 'Stems apart between letters, off the model', say: mm },
  stride: { name: 'Stems apart', say: mm },
  rails: { name: 'Letters with rails in their shades', say: percent },
  ragged: {
    name: 'Edges',
    say: (value) => (value < 0.015 ? 'clean' : value < 0.04 ? 'a little ragged' : 'ragged'),
  },
};

/** A figure with its ±, as text; raggedness is a rank, and has none. */
export const figureText = ({ id, value, error }: ReviewFigure): string =>
  id === 'ragged' ? FIGURES[id].say(value) : `${FIGURES[id].say(value)} ± ${FIGURES[id].say(error)}`;
