import type { Settles } from '../faults/fault';
import type { WrittenPage } from './figures/figure';
import type { FigureId } from './figures/registry';
import type { Remark, ReviewFigure, ReviewRow } from './review';

/** What remarks are made of. */
export interface Findings extends WrittenPage {
  readonly figures: readonly ReviewFigure[];
  readonly rows: readonly ReviewRow[];
  /** What figures rest on: letters, unless said otherwise. */
  readonly counted?: string;
}

/** A remark that may be made. */
export interface Weighed extends Remark {
  /** Size of what it remarks on; 1 is the minimum for a remark. */
  readonly weight: number;
  readonly settles?: Settles | undefined;
}

export const figureOf = ({ figures }: Pick<Findings, 'figures'>, id: FigureId): ReviewFigure | undefined =>
  figures.find((figure) => figure.id === id);
