import type { Letter, Measures, Port } from '../../hand/letter';
import { stroke, to } from '../../hand/notation';
import type { StrokePlan } from '../../pen/stroke';

/** How far a word's first hairline comes from, and how far and high its last one goes. */
const LEAD = { far: 1.95, near: 1.35, y: 0.06 };
const AWAY = { x: 1.15, y: 2.2 };

/**
 * Joins of copperplate: every letter runs into the next on the hairline, from the knot it leaves by to the knot the
 * next is reached by; a word begins with a hairline from the baseline and ends with one.
 */
export function copperplateJoin(
  before: Letter | undefined,
  after: Letter | undefined,
  distance: number,
  m: Measures,
): StrokePlan | undefined {
  const from = before?.exit;
  const until = after?.entry;
  if (before && after && (!from || !until)) return undefined;
  if (from?.kind === 'none' || until?.kind === 'none') return undefined;
  const hair = { press: 0 };
  if (!from && until) {
    const far = until.y >= m.X - 1 ? LEAD.far : LEAD.near;
    return stroke('first hairline', [
      to(until.x - far, m.B + LEAD.y, 30, hair),
      to(until.x, until.y, until.dir),
    ]);
  }
  if (from && !until) {
    if (from.kind === 'high') {
      return stroke('last hairline', [
        to(from.x, from.y, from.dir, hair),
        to(from.x + 0.75, from.y - 0.22, 8),
        to(from.x + 1.4, from.y + 0.3, 44),
      ]);
    }
    return stroke('last hairline', [
      to(from.x, from.y, from.dir, hair),
      to(from.x + AWAY.x, from.y + AWAY.y, 68),
    ]);
  }
  if (!from || !until) return undefined;
  return stroke(
    'join',
    from.kind === 'high' ? highJoin(from, until, distance, m) : lowJoin(from, until, distance),
  );
}

const lowJoin = (from: Port, until: Port, distance: number) => [
  to(from.x, from.y, from.dir, { press: 0 }),
  to(distance + until.x, until.y, until.dir),
];

/** Lowest point of the garland after o, b, v, w. */
const DIP = 3.6;

/** From a dot or the side of o near the waistline: a shallow garland, then on to the next letter as it is reached. */
function highJoin(from: Port, until: Port, distance: number, m: Measures) {
  const x = distance + until.x;
  const start = to(from.x, from.y, from.dir, { press: 0 });
  const at = (share: number) => from.x + share * (x - from.x);
  switch (until.kind) {
    case 'minim':
      return [start, to(at(0.5), DIP, 6), to(x + 0.03, m.T - 0.08, 60)];
    case 'oval':
      return [start, to(at(0.5), DIP, 6), to(x + 0.3, 4.35, 52)];
    case 'turn':
      return [start, to(at(0.36), DIP + 0.1, 10), to(x, until.y, until.dir)];
    case 'loop':
      return [start, to(at(0.44), DIP, 8), to(x, until.y, until.dir)];
    case 'high rise':
      return [start, to(at(0.56), DIP, 8), to(x, until.y, until.dir)];
    case 'high eye':
      return [start, to(at(0.6), until.y - 0.14, 2), to(x, until.y, until.dir)];
    case 'eye':
      return [start, to(at(0.8), 1.9, -12), to(x + 0.3, 2.2, 42)];
    default:
      return [start, to(at(0.5), DIP, 10), to(x, until.y, until.dir)];
  }
}
