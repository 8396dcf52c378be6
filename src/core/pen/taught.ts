import type { StrokePlan } from './stroke';

/**
 * The number each stroke goes by as it is taught, from 1: touches that finish a stroke (a serif's corners) share its
 * number.
 */
export function numbersOf(strokes: readonly Pick<StrokePlan, 'finishes'>[]): number[] {
  let number = 0;
  return strokes.map(({ finishes }) => {
    if (!finishes || number === 0) number += 1;
    return number;
  });
}
