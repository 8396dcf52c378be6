import { ovalPoint, type SlantedOval, slantedOval } from '../../geometry/oval';
import { type Degrees, type NibWidths, sinDeg } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import type { Measures } from '../letter';
import { to } from '../notation';

/** Where in an oval's shade its path runs: a quarter from the outside. */
export const OVAL_ANCHOR = 0.25;
/** Sharpness of an oval's swelling: its width follows sin^1.5 of the parameter, a function of height alone. */
const SWELL = 1.5;
/** Spacing of the knots of an ellipse, in degrees of its parameter. */
const ARC: Degrees = 15;

export type Oval = SlantedOval;
export type Shading = 'left' | 'right' | 'none';

/** An ellipse on the hand's slant, H high and q wide either side at its middle. */
export const ovalAt = (m: Measures, cx: NibWidths, cy: NibWidths, H: NibWidths, q: NibWidths): Oval => slantedOval(m.slope, cx, cy, H, q);

/** A knot on an oval: ψ = 0 is its top, 90 its left side, 180 its foot. */
export function onOval(oval: Oval, psi: Degrees, shading: Shading = 'left', clockwise = false): Knot {
  const { x, y, dir } = ovalPoint(oval, psi, clockwise);
  const side = shading === 'right' ? -sinDeg(psi) : sinDeg(psi);
  const press = shading === 'none' || side <= 0 ? 0 : side ** SWELL;
  return to(x, y, dir, { press, anchor: shading === 'right' ? 1 - OVAL_ANCHOR : OVAL_ANCHOR });
}

/** Knots along an oval from ψ = `from` to ψ = `until` (anticlockwise when growing). */
export function alongOval(oval: Oval, from: Degrees, until: Degrees, shading: Shading = 'left'): Knot[] {
  const count = Math.max(1, Math.round(Math.abs(until - from) / ARC));
  return Array.from({ length: count + 1 }, (_, i) => onOval(oval, from + ((until - from) * i) / count, shading, until < from));
}
