import type { Measures } from '../../hand/letter';
import { planOf, type Run, stroke, to } from '../../hand/notation';
import { alongOval } from '../../hand/pressed/ovals';
import type { Degrees, NibWidths } from '../../measure/units';
import type { StrokePlan } from '../../pen/stroke';
import { copperplateParts, TURN } from './parts';

/** Hairlines between the strokes of a drill: direction, and how far they run. */
const HAIR_DIR: Degrees = 60;
const RUN: NibWidths = 1.15;
const hairline = (x: NibWidths, y: NibWidths, dir = HAIR_DIR, anchor?: number) =>
  to(x, y, dir, { press: 0, ...(anchor !== undefined && { anchor }) });

/** The strokes copperplate is taught by, pressed as its letters are. */
export function copperplateDrills(m: Measures): Readonly<Record<string, readonly StrokePlan[]>> {
  const { bodyOval, loop, turns } = copperplateParts(m);
  const [low, high] = [0.38 * m.X, 0.62 * m.X];
  const lead = (x: NibWidths) => hairline(x - TURN.over - RUN, low, HAIR_DIR, 1);
  const leave = (x: NibWidths) => hairline(x + TURN.under + RUN, high);
  const row = (name: string, count: number, pitch: number, each: (x: NibWidths) => Run): StrokePlan[] =>
    Array.from({ length: count }, (_, i) => planOf(stroke(name, each(i * (pitch * m.d)))));
  const ring = (x: NibWidths) => {
    const oval = bodyOval();
    return { ...oval, cx: oval.cx + x };
  };
  return {
    'under-turns': row('under-turn', 3, 1.35, (x) => [turns.under(x), leave(x)]),
    'over-turns': row('over-turn', 3, 1.35, (x) => [lead(x), turns.over(x)]),
    'compound-curves': row('compound curve', 3, 1.9, (x) => [lead(x), turns.compound(x), leave(x)]),
    loops: row('loop', 3, 1.5, (x) => [
      hairline(x - 2.6, m.B, 18, 0),
      loop.ascend(x),
      turns.underTurn(x),
      leave(x),
    ]),
    'descending-loops': row('descending loop', 3, 1.5, (x) => [
      turns.squareTopRight(x),
      loop.descend(x),
      hairline(x + 1.7, low, 50),
    ]),
    ovals: row('oval', 3, 1.35, (x) => alongOval(ring(x), -14, 346)),
    'ovals-back': row('oval', 3, 1.35, (x) => alongOval(ring(x), 194, -166, 'right')),
  };
}
