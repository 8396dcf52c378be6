import { type Degrees, type NibWidths, sinDeg } from '../measure/units';
import type { Zones } from './hand';
import type { Measures } from './letter';

/** Distance of italic stems as a share of the body: 2.25 nib widths at a body of five leaves a white of 1.6. */
const STEM_DISTANCE = 0.45;

/** The heights a broad-edge letter is drawn through, from the zones of the recipe and the angle the pen is held at. */
export function measuresFor(zones: Zones, penAngle: Degrees, slope: Degrees = 0): Measures {
  const half = (turn: Degrees = 0) => Math.abs(sinDeg(penAngle + turn)) / 2;
  return { ...heights(zones, half()), d: STEM_DISTANCE * zones.body, slope, shade: 1, half };
}

/** Distance of shades in the pointed hands as a share of the body: 2.95 fifths. */
const SHADE_DISTANCE = 0.59;

/** The same for the pointed pen, in fifths of the body: only half the hairline reaches over its centre. */
export function pointedMeasures(
  zones: Zones,
  slope: Degrees,
  { shade, hairline }: { shade: NibWidths; hairline: NibWidths },
): Measures {
  const reach = hairline / 2;
  return {
    ...heights(zones, reach),
    d: SHADE_DISTANCE * zones.body,
    slope,
    shade,
    half: () => reach,
  };
}

const heights = (zones: Zones, reach: NibWidths) => ({
  X: zones.body,
  T: zones.body - reach,
  B: reach,
  A: zones.body + zones.ascender - reach,
  D: -zones.descender + reach,
  C: zones.capital - reach,
});
