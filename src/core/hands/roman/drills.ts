import { round } from '../../hand/broad/round';
import type { Measures } from '../../hand/letter';
import { planOf, stroke } from '../../hand/notation';
import type { StrokePlan } from '../../pen/stroke';

/** The full circle, from which half the alphabet is taken: its left side, and both. */
export function romanDrills(m: Measures): Readonly<Record<string, readonly StrokePlan[]>> {
  const R = m.X / 2;
  const whole = round(m, R, R, R);
  const left = stroke('left side', round(m, 2.9 * R, R, R).left);
  return { ovals: [stroke('left side', whole.left), stroke('right side', whole.right), left].map(planOf) };
}
