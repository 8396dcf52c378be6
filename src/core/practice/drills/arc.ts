import { ovalPoint, type SlantedOval } from '../../geometry/oval';
import { to } from '../../hand/notation';
import type { Degrees } from '../../measure/units';
import type { Knot } from '../../pen/stroke';

export const onOval = (oval: SlantedOval, psi: Degrees, clockwise = false): Knot => {
  const { x, y, dir } = ovalPoint(oval, psi, clockwise);
  return to(x, y, dir);
};

/** Spacing of the knots of an oval, in degrees of its parameter. */
const ARC: Degrees = 30;

/** Anticlockwise from ψ = `from` when `until` is greater, clockwise when it is less. */
export function alongArc(oval: SlantedOval, from: Degrees, until: Degrees): Knot[] {
  const pieces = Math.max(1, Math.ceil(Math.abs(until - from) / ARC));
  return Array.from({ length: pieces + 1 }, (_, i) =>
    onOval(oval, from + ((until - from) * i) / pieces, until < from),
  );
}
