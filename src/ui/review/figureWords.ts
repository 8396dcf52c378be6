import { upperLine } from '@/core/hand/upperLine';
import { type HandId, handById } from '@/core/hands/registry';
import { FIGURES, type FigureId } from '@/core/review/figures/registry';
import type { ReviewFigure } from '@/core/review/review';

/** A figure's name as this hand's lines are called. */
export const figureName = (id: FigureId, hand: HandId): string =>
  id === 'heads' ? `Heads over the ${upperLine(handById(hand))}` : FIGURES[id].name;

/** A unit that is written apart from its number is written once, after the ±. */
const UNIT = / (mm|%)$/;

/** A figure with its ±, as text; ranks have none. */
export function figureText({ id, value, error }: ReviewFigure): string {
  const { say, rank } = FIGURES[id];
  return rank ? say(value) : `${say(value).replace(UNIT, '')} ± ${say(error)}`;
}
