import { springFoot, springHead } from '../../hand/broad/stems';
import type { Measures, Port } from '../../hand/letter';
import { type Drawn, leaves, line, meets, type Run, stroke, to, turnsOff } from '../../hand/notation';
import type { Degrees, NibWidths } from '../../measure/units';
import { said, TURNS } from './turns';

/** Direction of hairlines that join: along the edge, so that a join is the finest line the pen has. */
export const UP: Degrees = 47;

/** Where a diagonal join ends: this share of the body up the next letter's first downstroke. */
const MET_AT = 0.45;
/** Where a springing entry has come up to the waistline, from its stem. */
export const SPRING: NibWidths = -0.35;

const HEAD = { reach: 0.86, drop: 0.44, lead: 0.36, settle: 0.62, rise: 45, over: 14 } as const;
/** Where a stem turns into a tail, over the descender line, and where it has become a hairline. */
const TAIL = { turn: 1.75, in: 0.86, rise: 0.42 } as const;
/** Direction there: along the edge. */
const DOWN: Degrees = 228;

const FOOT = { settle: 0.8, lead: 0.46, reach: 1.02, rise: 0.5, away: UP } as const;

/** Height at which arches leave their stem, and the point where they are clear of it, as shares of the body. */
const BRANCH = 0.3;
const CLEAR = 0.62;
const CLEAR_BY: NibWidths = 0.34;
/** Direction of travel there: steep enough that the arch bends one way all along. */
const BEND: Degrees = 70;

/**
 * The strokes that italic letters share, bound to their measures. Figures are nib widths found by drawing large and
 * looking; vertical ones hang on the body height, so that 4 to 6 nib widths keep the build.
 */
export function italicParts(m: Measures) {
  const { X, T, B, A, D, d, half } = m;
  const turn = turnsOff(TURNS, m);

  const met = (kind: string, x: NibWidths): Run => meets({ kind, x, y: MET_AT * X, dir: UP });
  const leftAt = (x: NibWidths, y: NibWidths): Run => leaves({ kind: 'diagonal', x, y, dir: UP });
  /** Pen's centre for ink that hangs from the waistline under a turned pen. */
  const under = (by: Degrees) => X - half(by);
  /** Where a bar or an ear is carried on along the waistline. */
  const along: Run = leaves({ kind: 'horizontal', x: 1.3, y: under(turn.bar), dir: 0 } satisfies Port);

  /** Hairline up and over into a stem at x: a small springing entry from the waistline (or from `top`). */
  const entry = (x: NibWidths, top = T): Run => [springHead(HEAD, x, top), met(top === T ? 'springing' : 'tall', x)];
  /** Foot of a stem at x: round the corner and leave on the hairline. */
  const exit = (x: NibWidths): Run => [springFoot(FOOT, x, B), leftAt(x + FOOT.reach, B + FOOT.rise)];
  /** The exit of a line's last letter: along the baseline, and up, where the line has room. */
  const thrown = (x: NibWidths): Run => [line(x, B + 0.95), to(x + 0.55, B, 4), to(x + 2.2, B + 0.42, 26), to(x + 3.9, B + 2.0, UP + 6)];
  /** The same out of a round back. */
  const thrownRound: Run = [to(0, T - 1.9, -90), line(0, B + 1.3), to(0.5 * d, B, 4), to(0.94 * d + 1.0, B + 0.42, 26), to(0.94 * d + 2.7, B + 2.0, UP + 6)];
  /** Plain foot: the stem simply stops, cut by the edge. */
  const foot = (x: NibWidths): Run => line(x, B);

  /** Up inside the stem at x, branch low, and clear of it. */
  const branch = (x: NibWidths, clear = CLEAR, bend = BEND): Run => [to(x, BRANCH * X, 90), to(x + CLEAR_BY, clear * X, bend)];
  /** Arch from a stem at x to the next: retrace the stem, branch low, spring over, turn into the stem. */
  const arch = (x: NibWidths): Run => [branch(x), to(x + 0.68 * d, T, 4), to(x + d, T - 1.05, -90)];
  /** Upside-down arch: bottom of u and of the a-shape, from a stem at x up to the next. */
  const cup = (x: NibWidths): Run => [line(x, B + 1.05), to(x + 0.32 * d, B, 4), to(x + d - CLEAR_BY, (1 - CLEAR) * X, BEND), to(x + d, (1 - BRANCH) * X, 90)];
  /** The a-shape: from the top right, over to the left, down, and up again into the stem. */
  const bowl: Run = [met('round', 0), to(d, T, 180), to(0.62 * d, T, 181), to(0, T - 1.75, -90), cup(0)];
  /** The a-shape turned on its head, from the stem at 0 back to `end` on the baseline. */
  const closing = (end: NibWidths): Run => [arch(0), line(d, B + 1.75), to(0.38 * d, B, 181), to(end, B, 180)];
  /** The left of a round letter, and its way out. */
  const back: Run = [to(0, T - 1.9, -90), line(0, B + 1.3), to(0.46 * d, B, 2), to(0.94 * d + 0.2, B + 0.62, 45)];
  const roundExit: Run = leftAt(0.94 * d + 0.2, B + 0.62);
  /** Spring in over the waistline and pull down a diagonal. */
  const slant: Run = [to(-0.62, T - 0.3, 45), to(-0.24, T, 4), to(0.06, T - 0.55, -76)];
  /** Out of a leg that has come down to x on the line. */
  const kick = (x: NibWidths): Run => [to(x, B + 0.26, -50), to(x + 0.42, B, 8), to(x + 0.9, B + 0.42, 46)];
  /** The head of s, and its belly. */
  const spine: Run = [to(0.32, T - 0.98, -84), to(0.98, 0.5 * X, -40), to(1.62, B + 0.98, -96), to(0.8, B + 0.01, 184), to(0.06, B + 0.2, 158)];

  /** A stem at x that goes through the line and swings left onto the hairline: the beginning of a tail. */
  const swing = (x: NibWidths): Run => [line(x, D + TAIL.turn), to(x - TAIL.in, D + TAIL.rise, DOWN)];
  /** The tail of g, j and y comes to meet it from the left: pulled, as the foot of s, so that it never goes along the edge. */
  const tail = (x: NibWidths): Drawn =>
    stroke('tail', [to(x - 1.28 * d, D + 0.5, -34), to(x - 0.82 * d, D, 2), to(x - TAIL.in, D + TAIL.rise, DOWN - 180)], 'From the left, round to meet the hairline.');
  /** Descender that swings far out to the left. */
  const flourishedTail = (x: NibWidths): Run => [
    line(x, D + 2.1),
    to(x - 0.95, D + 0.36, 208),
    to(x - 2.5, D, 180, { turn: 0 }),
    to(x - 4.1, D + 0.36, 163, { turn: turn.wideTail }),
  ];
  /** Head of an ascender thrown out to the right, as on f, in place of the small entry. */
  const flourishedHead = (x: NibWidths): Run => [to(x + 2.5, A - 0.02, 160, { turn: turn.taper }), to(x + 1.35, A, 190, { turn: 0 }), to(x, A - 1.9, -90), met('tall', x)];

  const stem = (run: Run, remark?: string): Drawn => stroke('stem', run, remark);
  /** A bar hanging from the waistline. */
  const bar = (from: NibWidths, length: NibWidths, port: Run = []): Drawn =>
    stroke(
      'bar',
      [to(from, under(turn.bar), 0, { turn: turn.bar }), line(from + length, under(turn.bar)), port],
      `Flatten the pen to about ${said('bar')}: the bar hangs from the waistline, thinner than the stem.`,
    );
  const dot = (remark?: string): Drawn => stroke('dot', [to(-0.02, X + 1.72), line(0.34, X + 1.36)], remark);

  return {
    ...m,
    turn,
    met,
    leftAt,
    under,
    along,
    entry,
    exit,
    thrown,
    thrownRound,
    foot,
    branch,
    arch,
    cup,
    bowl,
    closing,
    back,
    roundExit,
    slant,
    kick,
    spine,
    swing,
    tail,
    flourishedTail,
    flourishedHead,
    stem,
    bar,
    dot,
  };
}

export type ItalicParts = ReturnType<typeof italicParts>;
