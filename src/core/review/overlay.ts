import { dueOn, isPiece, type KeptPage } from '../document/keptPage';
import { type KeptPiece, laidAgain } from '../document/keptPiece';
import { group } from '../drawing/build';
import type { Drawing, DrawingNode } from '../drawing/drawing';
import type { Mm } from '../measure/units';
import { setFigure } from '../writing/figure';
import { inkNodes, type Model } from '../writing/ink';
import type { Review } from './review';

/**
 * What is laid over a photographed page. An outline is drawn round all of a letter and its inside taken out in white: it is to be
 * multiplied with what lies under it.
 */
export const OVERLAYS = ['outline', 'ink', 'skeleton'] as const;
export type Overlay = (typeof OVERLAYS)[number];

const MODELS: Readonly<Record<Overlay, Model>> = { outline: 'contour', ink: 'solid', skeleton: 'skeleton' };
const COLOUR = '#c2331f';
/** A place kept in tenths of a mm. */
const TENTH = 0.1;
/** Maximum distance of baselines, in mm, at which a row is taken for the printed one. */
const SAME_ROW = 0.2;

/**
 * The models of a page's letters as a drawing to lay over its picture: each where the scribe wrote its own; lines of a piece where they
 * were to stand.
 */
export const overlayOf = (kept: KeptPage, review: Review, what: Overlay): Drawing => ({
  width: review.width,
  height: review.height,
  title: review.title,
  nodes: [group('exemplar', isPiece(kept) ? linesOver(kept, review, what) : lettersOver(kept, review, what))],
});

const isRow = ({ rows }: Review, baseline: Mm): boolean =>
  rows.some((row) => Math.abs(baseline - row.baseline * TENTH) < SAME_ROW);

const linesOver = (kept: KeptPiece, review: Review, what: Overlay): DrawingNode[] =>
  laidAgain(kept).lines.flatMap(({ set, pen, x, baseline }) => {
    const figure = isRow(review, baseline) ? setFigure(pen.face.pen, set, '') : undefined;
    return figure ? inkNodes(pen.face.pen, figure, MODELS[what], [x, baseline], pen.unit, COLOUR) : [];
  });

function lettersOver(kept: KeptPage, review: Review, what: Overlay): DrawingNode[] {
  const due = dueOn(kept) ?? [];
  return review.rows.flatMap((row): DrawingNode[] => {
    const its = due.find(({ row: { line } }) => Math.abs(line.baseline - row.baseline * TENTH) < SAME_ROW);
    if (!its) return [];
    const { figure, ground } = its.due;
    return row.letters.flatMap(({ box: [left, , width] }) => {
      // Middle on middle: a letter that is too wide stands out on both sides alike.
      const middle = (left + width / 2) * TENTH;
      const x = middle - ((figure.reach.left + figure.reach.right) / 2) * ground.unit;
      const at = [x, its.row.line.baseline] as const;
      return inkNodes(ground.pen, figure, MODELS[what], at, ground.unit, COLOUR);
    });
  });
}
