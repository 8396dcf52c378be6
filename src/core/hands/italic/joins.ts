import type { Letter, Measures } from '../../hand/letter';
import { line, stroke, to } from '../../hand/notation';
import { type NibWidths, tanDeg } from '../../measure/units';
import type { StrokePlan } from '../../pen/stroke';
import { SPRING, UP } from './parts';
import { TURNS } from './turns';

/**
 * Joins of italic. *Diagonal*: the hairline that leaves a foot is carried on until it meets the next letter a little
 * under its middle. *Horizontal*: the bar of f and t, or a short bar from the ear of r and the top of v, reaches the
 * next letter's entry along the waistline. Other pairs stand unjoined: after b, g, j, p, q, s, w, x, y and z the pen
 * is lifted (formal school), and nothing joins into f, s, t, x or z.
 */
export function italicJoin(
  before: Letter | undefined,
  after: Letter | undefined,
  distance: NibWidths,
  m: Measures,
): StrokePlan | undefined {
  const { exit } = before ?? {};
  const { entry } = after ?? {};
  if (!exit || !entry) return undefined;
  const end = distance + entry.x;
  if (exit.kind === 'diagonal') {
    const run = end - exit.x;
    const rise = run * tanDeg(UP);
    if (run <= 0 || exit.y + rise > m.T - m.half()) return undefined;
    return stroke('join', [to(exit.x, exit.y, UP), line(end, exit.y + rise)], 'Carry the exit on.');
  }
  const reach = distance + SPRING;
  if (entry.kind !== 'springing' || reach <= exit.x) return undefined;
  const flat = { turn: TURNS.bar.angle - m.angle };
  return stroke('join', [to(exit.x, exit.y, 0, flat), line(reach, exit.y)], 'Along the waistline.');
}
