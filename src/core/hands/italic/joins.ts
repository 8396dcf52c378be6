import type { StrokePlan } from '../../pen/stroke';
import { type Letter, line, type Measures, type Port, stroke, to } from '../letter';
import { BAR_TURN } from './bars';
import { FOOT_REACH, FOOT_RISE } from './parts';

/** Directions of the exit hairline: along the edge, so that a join is the finest line the pen has. */
const UP = 47;

/**
 * Joins of italic. *Diagonal*: the hairline that leaves a foot is carried on until it meets the next letter a little
 * under its middle. *Horizontal*: the bar of f and t, or a short bar from the ear of r and the top of v, reaches the
 * next letter's entry along the waistline. Other pairs stand unjoined: after b, g, j, p, q, s, w, x, y and z the pen
 * is lifted (formal school), and nothing joins into f, s, t, x or z.
 */
export function italicJoin(
  before: Letter | undefined,
  after: Letter | undefined,
  distance: number,
  m: Measures,
): StrokePlan | undefined {
  const { exit } = before ?? {};
  const { entry } = after ?? {};
  if (!exit || !entry) return undefined;
  const end = distance + entry.x;
  if (exit.kind === 'diagonal') {
    const run = end - exit.x;
    const rise = run * Math.tan((UP * Math.PI) / 180);
    if (run <= 0 || exit.y + rise > m.T - m.half()) return undefined;
    return stroke('join', [to(exit.x, exit.y, UP), line(end, exit.y + rise)], 'Carry the exit on.');
  }
  if (entry.kind !== 'springing') return undefined;
  const reach = distance + SPRING;
  if (reach <= exit.x) return undefined;
  return stroke(
    'join',
    [to(exit.x, exit.y, 0, { turn: BAR_TURN }), line(reach, exit.y)],
    'Along the waistline.',
  );
}

/** Where a springing entry has come up to the waistline, from its stem. */
const SPRING = -0.35;

/** The last stem of letters that end in the usual foot. */
const LAST_STEM: Readonly<Record<string, (m: Measures) => number>> = {
  a: (m) => m.d,
  d: (m) => m.d,
  h: (m) => m.d,
  i: () => 0,
  l: () => 0,
  m: (m) => 2 * m.d,
  n: (m) => m.d,
  t: () => 0,
  u: (m) => m.d,
};

/** Where letters are joined from, by text; the exits of feet are those of `exit` in parts.ts. */
function exitOf(text: string, m: Measures): Port | undefined {
  const stem = LAST_STEM[text];
  if (stem) return { kind: 'diagonal', x: stem(m) + FOOT_REACH, y: m.B + FOOT_RISE, dir: UP };
  if (text === 'c' || text === 'e') {
    return { kind: 'diagonal', x: 0.94 * m.d + 0.2, y: m.B + 0.62, dir: UP };
  }
  if (text === 'k') return { kind: 'diagonal', x: m.d + 0.9, y: m.B + 0.42, dir: UP };
  if (text === 'f') return { kind: 'horizontal', x: 1.3, y: m.X - m.half(BAR_TURN), dir: 0 };
  if (text === 'r') return { kind: 'horizontal', x: 1.3, y: m.X - m.half(BAR_TURN), dir: 0 };
  return undefined;
}

/** Where a diagonal join ends: the middle of the letter's first downstroke; letters with a spring can be met above. */
function entryOf({ text, variant }: Letter, m: Measures): Port | undefined {
  const at = (kind: string, x: number): Port => ({ kind, x, y: 0.45 * m.X, dir: UP });
  if (variant === 'diagonal') return at('springing', 0.2 * m.d);
  if ('ijmnpruy'.includes(text)) return at('springing', 0);
  if ('vw'.includes(text)) return at('springing', 0.2 * m.d);
  if ('acdegoq'.includes(text)) return at('round', 0);
  if ('bhkl'.includes(text)) return at('tall', 0);
  return undefined;
}

/** A small letter with its ports. */
export const withPorts = (letter: Letter, m: Measures): Letter => ({
  ...letter,
  entry: entryOf(letter, m),
  exit: exitOf(letter.text, m),
});
