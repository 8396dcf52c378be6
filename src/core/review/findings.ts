import type { upperLine } from '../hand/upperLine';
import { type Mm, plain, signed } from '../measure/units';
import type { FigureId, Remark, ReviewFigure, ReviewRow } from './review';

/** What remarks are made of. */
export interface Findings {
  readonly figures: readonly ReviewFigure[];
  readonly rows: readonly ReviewRow[];
  /** The nib in mm where it is an edge; and the height of the body. */
  readonly nib: Mm | undefined;
  /** Does pressing make its strokes thick: a point’s, a brush’s? */
  readonly pressed: boolean;
  readonly body: Mm;
  /** The line that letters reach up to: the waistline, or the capital line of a hand of capitals. */
  readonly upper: ReturnType<typeof upperLine>;
  /** Ruled with slope lines already? */
  readonly slopeLines: boolean;
  /** Is there a gauge of pen angles on the page? */
  readonly gauge: boolean;
  /** What figures rest on: letters, unless said otherwise. */
  readonly counted?: string;
}

/** A remark that may be made. */
export interface Weighed extends Remark {
  /** How plain it is: 1 is just worth saying. */
  readonly weight: number;
  /** What has to be put right before anything else is read: the slope and the parallels, or what they change, the angle. */
  readonly settles?: 'slope' | 'angle' | undefined;
}

export const figureOf = ({ figures }: Pick<Findings, 'figures'>, id: FigureId): ReviewFigure | undefined =>
  figures.find((figure) => figure.id === id);

/** How far a figure is off what is asked. */
export const off = ({ value, asked }: ReviewFigure): number => value - (asked ?? 0);

/** How figures read in a sentence. */
export const degrees = (value: number): string => `${signed(value, 0)}°`;
export const mm = (value: number): string => `${plain(value, 1)} mm`;
export const percent = (share: number): string => `${plain(100 * Math.abs(share), 0)} %`;
