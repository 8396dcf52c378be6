import { line, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { NibWidths } from '../../../measure/units';
import type { CapitalParts } from '../capitalParts';

/** Overlap of bowls with the swung foot, so that no white shows between them. */
const FOOT: NibWidths = -0.75;

/**
 * Swash capitals: the same letters with their first stroke led in from the left, for the beginning of a line. The
 * flourish stays within the capital height, so that it never meets the line above.
 */
export function swash({ H, base, bowl, cap, lowerBowl, stem, thinFoot, thinStem, thinStroke, thinTop, top, turn }: CapitalParts): Shapes {
  const flat = { turn: turn.serif };
  /** Out of the left, up and over: what a swash begins with. Ends on the capital line at x. */
  const leadIn = (x: NibWidths): Run => [to(x - 1.75, top() - 1.75, 78, cap), to(x - 0.95, top() - 0.32, 40), to(x, top(), 4)];
  /** Stem whose head is led in. */
  const swashStem = (name = 'stem') => stroke(name, [leadIn(-0.75), to(0, top() - 0.85, -90), line(0, base())], 'In from the left, over, and straight down.');
  /** Stem under a bowl; its foot swings to the left. */
  const footedStem = stroke('stem', [to(0, top(), -90, cap), line(0, base() + 1.1), to(FOOT, base(), 196), to(-1.7, base() + 0.3, 152)], 'Down, and out to the left at the foot.');
  const ledBowl = (low: NibWidths, w: NibWidths): Run => bowl(top(), low, w, leadIn(-0.6));
  const wave = (from: NibWidths, until: NibWidths) =>
    stroke(
      'wave',
      [
        to(from - 0.55, top(turn.serif) - 1.2, 74, flat),
        to(from + 0.5, top(turn.serif) - 0.02, 2),
        to((from + until) / 2, top(turn.serif) - 0.32, -8),
        to(until, top(turn.serif) - 0.1, 26),
      ],
      'A wave in place of the straight arm.',
    );
  const leg = (x: NibWidths, y: NibWidths) =>
    stroke(
      'leg',
      [to(x, y, -50, cap), to(0.58 * H, base() + 0.3, -44), to(0.58 * H + 1.1, base() - 0.35, -12), to(0.58 * H + 1.9, base() + 0.1, 44)],
      'The leg runs on a little under the line.',
    );
  const thick = (x: NibWidths) => stroke('thick', [leadIn(-0.75), to(0.02, top() - 0.6, -64, { turn: 0 }), thinFoot(x)]);
  const [d, n, v, w] = [0.72 * H, 0.72 * H, 0.7 * H, 1.02 * H];
  return {
    'B swash': [footedStem, stroke('upper bowl', ledBowl(0.53 * H, 0.44 * H)), stroke('lower bowl', [lowerBowl, line(FOOT, base())])],
    'D swash': [footedStem, stroke('bowl', [leadIn(-0.6), to(0.42 * d, top(), -2), to(d, 0.5 * H, -90), to(0.36 * d, base(), 182), to(FOOT, base(), 180)])],
    'P swash': [footedStem, stroke('bowl', ledBowl(0.45 * H, 0.48 * H))],
    'R swash': [footedStem, stroke('bowl', ledBowl(0.48 * H, 0.46 * H)), leg(0.22 * H, 0.48 * H)],
    'F swash': [footedStem, wave(-0.9, 0.52 * H), stroke('middle arm', [to(0.3, 0.5 * H, 0, flat), line(0.38 * H, 0.5 * H)])],
    'T swash': [wave(-0.42 * H, 0.44 * H), stroke('stem', [to(0, top() - 0.3, -90, cap), line(0, base())])],
    'H swash': [swashStem('first stem'), stem(0.72 * H, 'second stem'), stroke('bar', [to(-0.7, 0.46 * H, 40, flat), to(0.25 * H, 0.52 * H, 0), line(0.72 * H, 0.52 * H)])],
    'K swash': [swashStem(), stroke('arm', [to(0.58 * H, top(), undefined, cap), line(0, 0.46 * H)]), leg(0.04, 0.52 * H)],
    'N swash': [
      stroke('first stem', thinStem(0)),
      stroke('diagonal', [leadIn(-0.55), to(0.12, top() - 0.35, -46, { turn: 0 }), line(n, base(turn.thinStem), { turn: turn.thinStem })]),
      stroke('second stem', thinStem(n)),
    ],
    'V swash': [thick(0.5 * v), thinStroke('thin', v, 0.5 * v)],
    'W swash': [
      thick(0.26 * w),
      thinStroke('first thin', 0.52 * w, 0.26 * w),
      stroke('second thick', [thinTop(0.52 * w), line(0.565 * w, 0.84 * H, { turn: 0 }), thinFoot(0.78 * w)]),
      thinStroke('second thin', 1.04 * w, 0.78 * w),
    ],
  };
}
