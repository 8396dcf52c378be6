import type { Measures } from '../../hand/letter';
import { planOf, stroke } from '../../hand/notation';
import type { StrokePlan } from '../../pen/stroke';
import { texturaParts } from './parts';

/** Minims for stems, and bows that break for ovals: counter = stem = gap. */
export function texturaDrills(m: Measures): Readonly<Record<string, readonly StrokePlan[]>> {
  const { d, left, minim, right } = texturaParts(m);
  const bow = (x: number) => [stroke('left', left(x)), stroke('right', right(x + d))];
  return {
    stems: [0, d, 2 * d].flatMap(minim).map(planOf),
    'broken-strokes': [0, 2 * d].flatMap(bow).map(planOf),
  };
}
