import { type Degrees, sinDeg } from '../measure/units';
import type { Zones } from './hand';
import type { Measures } from './letter';

/** Distance of italic stems as a share of the body: 2.25 nib widths at a body of five leaves a white of 1.6. */
const STEM_DISTANCE = 0.45;

/** The heights a broad-edge letter is drawn through, from the zones of the recipe and the angle the pen is held at. */
export function measuresFor(zones: Zones, penAngle: Degrees): Measures {
  const half = (turn: Degrees = 0) => Math.abs(sinDeg(penAngle + turn)) / 2;
  const reach = half();
  return {
    X: zones.body,
    T: zones.body - reach,
    B: reach,
    A: zones.body + zones.ascender - reach,
    D: -zones.descender + reach,
    C: zones.capital - reach,
    d: STEM_DISTANCE * zones.body,
    half,
  };
}
