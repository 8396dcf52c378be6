import type { Measures } from '../../hand/letter';
import { planOf, stroke, to } from '../../hand/notation';
import type { StrokePlan } from '../../pen/stroke';
import { italicParts } from './parts';

/** Arches and cups as its letters have them: from low in the stem, springing over. */
export function italicDrills(m: Measures): Readonly<Record<string, readonly StrokePlan[]>> {
  const { T, d, arch, cup, foot } = italicParts(m);
  const stem = (x: number) => planOf(stroke('stem', [to(x, T), foot(x)]));
  const stems = [0, d, 2 * d];
  return {
    arches: [stem(0), ...stems.map((x) => planOf(stroke('arch', [arch(x), foot(x + d)])))],
    cups: [...stems.map((x) => planOf(stroke('cup', [to(x, T), cup(x)]))), stem(3 * d)],
  };
}
