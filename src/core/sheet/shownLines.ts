import { countsByPen, type Hand } from '../hand/hand';
import type { Sheet } from './sheet';

/** The lines a hand is ruled with at first: slope lines where no nib guides the slope, half dots where dots measure. */
export const shownLines = (hand: Pick<Hand, 'basis'>): Sheet['show'] => ({
  baseline: true,
  waistline: true,
  ascender: true,
  descender: true,
  capital: true,
  branch: true,
  smallCapital: true,
  slope: !countsByPen(hand),
  halfDots: hand.basis === 'dots',
});
