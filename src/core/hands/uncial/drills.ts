import type { Measures } from '../../hand/letter';
import { line, planOf, stroke, to } from '../../hand/notation';
import type { StrokePlan } from '../../pen/stroke';
import { uncialParts } from './parts';

/** Arches as wide as its letters have them. */
export function uncialDrills(m: Measures): Readonly<Record<string, readonly StrokePlan[]>> {
  const { B, T, X, branch, w } = uncialParts(m);
  const width = 0.78 * w;
  const arches = [0, 1, 2].map((i) =>
    planOf(
      stroke('arch', [
        branch(i * width),
        to((i + 0.555) * width, T, 2),
        to((i + 1) * width, 0.6 * X, -90),
        line((i + 1) * width, B),
      ]),
    ),
  );
  return { arches: [planOf(stroke('stem', [to(0, T, -90), line(0, B)])), ...arches] };
}
