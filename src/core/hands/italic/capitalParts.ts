import { type Drawn, line, type Run, stroke, to } from '../../hand/notation';
import type { Degrees, NibWidths } from '../../measure/units';
import type { ItalicParts } from './parts';
import { said } from './turns';

/** How far arms and bowls begin to the left of their stem, and inner arms inside it. */
const OVERHANG: NibWidths = 0.55;
const INNER: NibWidths = 0.3;

/** What is said of a stem. */
const HELD = `Pen at about ${said('capital')}`;

/**
 * The strokes of italic capitals: the pen flattened, so that stems are a little heavier than in the small letters and
 * bars lighter. Widths hang on the capital height, so that low and tall capitals are one drawing.
 */
export function capitalParts(parts: ItalicParts) {
  const { C, half, turn } = parts;
  const { capital, serif, thinCapital: thin } = turn;
  const cap = { turn: capital } as const;
  /** From the line to the capital line, ink to ink. */
  const H = C + half();
  /** Centre of the pen on the capital line and on the baseline, turned by `by`. */
  const top = (by: Degrees = capital) => H - half(by);
  const base = (by: Degrees = capital) => half(by);

  /** A stem with a small entry at its head; its foot is the plain cut of the edge. */
  const stem = (x: NibWidths, name = 'stem'): Drawn =>
    stroke(name, [to(x - 0.66, top() - 0.3, 30, cap), to(x - 0.26, top(), 6), to(x, top() - 0.5, -90), line(x, base())], `${HELD}: a touch of serif, then straight down.`);
  /** Entry of U and J, a little longer. */
  const lead: Run = [to(-0.62, top() - 0.34, 32, cap), to(-0.24, top(), 8), to(0, top() - 0.5, -90)];
  /** A stem that an arm or a bowl starts from: nothing at its head, so that the two meet cleanly. */
  const plainStem = stroke('stem', [to(0, top(), -90, cap), line(0, base())], `${HELD}, straight down.`);
  /** A stem under a level arm: it begins as flat as the arm lies, so that no corner of the edge shows under it. */
  const armedStem = (foot: Degrees = capital): Drawn =>
    stroke(
      'stem',
      [to(0, top(serif), -90, { turn: serif }), line(0, top() - 0.9, cap), line(0, base() + 0.9), line(0, base(foot), { turn: foot })],
      `${HELD}, straight down; flat where an arm begins.`,
    );
  const bar = (x1: NibWidths, x2: NibWidths, y: NibWidths, name = 'bar'): Drawn => stroke(name, [to(x1, y, 0, { turn: serif }), line(x2, y)], 'Flatten the pen for a light bar.');

  /** The left and the right of a closed round letter of width w. */
  const left = (w: NibWidths): Run => [to(0.52 * w, top(), 180, cap), to(0, 0.52 * (top() + base()), -90), to(0.48 * w, base(), 0)];
  const right = (w: NibWidths): Run => [to(0.52 * w, top(), 0, cap), to(w, 0.48 * (top() + base()), -90), to(0.48 * w, base(), 180)];
  /** The back of C and G, open at the head; how it ends is theirs. */
  const open = (w: NibWidths): Run => [to(0.98 * w, top() - 0.42, 146, cap), to(0.6 * w, top(), 182), to(0, 0.52 * (top() + base()), -90), to(0.54 * w, base(), 2)];
  /** Out of the stem, round from one height to another, and back to `end`. */
  const bowl = (high: NibWidths, low: NibWidths, w: NibWidths, start: Run = to(-OVERHANG, high, 0, cap)): Run => [
    start,
    to(0.52 * w, high, -2),
    to(w, (high + low) / 2, -90),
    to(0.46 * w, low, 182),
    to(0, low, 180),
  ];
  /** The lower bowl of B leaves the stem where the upper one closed on it. */
  const lowerBowl: Run = [to(0.1, 0.53 * H, 0, cap), to(0.3 * H, 0.53 * H, -2), to(0.52 * H, 0.27 * H, -90), to(0.24 * H, base(), 182), to(0, base(), 180)];

  /** Where thin diagonals begin and end. */
  const thinTop = (x: NibWidths): Run => to(x, top(thin), undefined, { turn: thin });
  const thinFoot = (x: NibWidths): Run => line(x, base(thin), { turn: thin });
  const thinStroke = (name: string, from: NibWidths, foot: NibWidths, remark?: string): Drawn => stroke(name, [thinTop(from), thinFoot(foot)], remark);
  /** A small head, then down a heavy diagonal: to the head's place and direction. */
  const headed = (x: NibWidths, y: NibWidths, dir: Degrees, reach: NibWidths = OVERHANG): Run => [to(-reach, top() - 0.1, 20, cap), to(x, y, dir, { turn: 0 })];
  /** A vertical of N at half its weight. */
  const thinStem = (x: NibWidths): Run => [to(x, top(turn.thinStem), -90, { turn: turn.thinStem }), line(x, base(turn.thinStem))];
  /** A leg that has come down to x on the line: a short way out. */
  const kick = (x: NibWidths, rise: NibWidths): Run => [to(x, base() + rise, -42), to(x + 0.6, base() + 0.1, 34)];

  return {
    ...{ H, OVERHANG, INNER, armedStem, bar, base, bowl, cap, headed, kick, lead, left, lowerBowl, open, plainStem },
    ...{ right, stem, thinFoot, thinStem, thinStroke, thinTop, top, turn },
  };
}

export type CapitalParts = ReturnType<typeof capitalParts>;
