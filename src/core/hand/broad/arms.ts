import { type Degrees, type NibWidths, toDegrees } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import type { Measures } from '../letter';
import { type Drawn, line, type Run, stroke, to } from '../notation';
import type { CapitalTurns, Serif } from './capitalTurns';

/** An arm's end flares over its last piece; a middle arm's over a shorter one. */
const FLARE: NibWidths = 1.5;
const FLAG: NibWidths = 1.1;
/** Over a cusped head arms and bowls begin level, a little left of the stem's middle, and settle to their angle. */
const LEVEL_START: NibWidths = -0.2;
const SETTLE: NibWidths = 0.9;
/** Maximum fraction of a short arm, or of the flat of a bowl, over which it settles. */
const OF_ARM = 0.4;
const OF_FLAT = 0.8;
/** Distance to the left of the stem at which arms and bowls begin where the stem has no cusp. */
const OVERHANG: NibWidths = 0.55;
/** Number of knots at which the pen's angle is given while it turns on a line: enough for its corner to stay on the line. */
const STEPS = 5;
/** Step of the numerical derivative that gives directions, as a fraction of the path. */
const STEP = 0.01;
/** A flare shorter than this share of two of its length has no room: the end turns less. */
const ROOM: NibWidths = 2.5;

const soft = (t: number) => t * t * (3 - 2 * t);

/** The pen turned from one turn to another between two places, its middle at a height that follows from the turn. */
export function turning(from: NibWidths, until: NibWidths, [begin, end]: readonly [Degrees, Degrees], height: (turn: Degrees) => NibWidths): Knot[] {
  const turnAt = (t: number) => begin + (end - begin) * soft(t);
  const slope = (t: number) => (height(turnAt(Math.min(1, t + STEP))) - height(turnAt(Math.max(0, t - STEP)))) / (Math.min(1, t + STEP) - Math.max(0, t - STEP));
  return Array.from({ length: STEPS + 1 }, (_, i) => {
    const t = i / STEPS;
    return to(from + (until - from) * t, height(turnAt(t)), toDegrees(Math.atan2(slope(t), until - from)), { turn: turnAt(t), passing: i > 0 && i < STEPS });
  });
}

/** Bars, arms and bowls of capitals of a height H; `wide` says how wide a third of a capital is. */
export function arms(m: Measures, H: NibWidths, turn: CapitalTurns, serif: Serif, wide: NibWidths) {
  const { half } = m;
  const cusped = serif === 'cusped';
  const [hanging, standing] = [(by: Degrees) => H - half(by), (by: Degrees) => half(by)];
  /** Starting point of arms and bowls on their stem. */
  const over = cusped ? 0 : -OVERHANG;
  /** Short arms flare less: the pen has no room to turn. */
  const flaring = wide > ROOM ? turn.flare : turn.flag;

  const bar = (from: NibWidths, until: NibWidths, y: NibWidths, name = 'bar'): Drawn =>
    stroke(name, [to(from, y, 0, { turn: turn.bar }), line(until, y)], 'Flatten the pen: light, and level.');

  /** Level at its beginning, so that it leaves no corner over the head of its stem, then at its own angle. */
  const settling = (from: NibWidths, until: NibWidths, by: Degrees, height: (turn: Degrees) => NibWidths): Run => turning(from, until, [turn.level, by], height);
  /** A level run that ends at x with the edge turned up; one side of it stays on its line and the other flares. */
  const flared = (from: NibWidths, x: NibWidths, by: Degrees, piece: NibWidths, height: (turn: Degrees) => NibWidths): Run => [
    line(Math.max(from + 0.1, x - piece), height(turn.bar)),
    turning(Math.max(from + 0.1, x - piece), x, [turn.bar, by], height).slice(1),
  ];
  const TURNED_UP = 'Flatten the pen, and turn it up at the end.';

  /** From the head of a stem at `start`, or out of another letter's. */
  const upper = (until: NibWidths, start = over): Drawn => {
    if (!cusped || flaring === undefined) return bar(start, until, hanging(turn.bar), 'upper arm');
    const begin = start === over ? settling(LEVEL_START, SETTLE, turn.bar, hanging) : to(start, hanging(turn.bar), 0, { turn: turn.bar });
    return stroke('upper arm', [begin, flared(start === over ? SETTLE : start, until, flaring, FLARE, hanging)], TURNED_UP);
  };
  const middle = (until: NibWidths, y: NibWidths, start = 0.03): Drawn => {
    if (!cusped || turn.flag === undefined) return bar(start, until, y, 'middle arm');
    return stroke('middle arm', [to(start, y, 0, { turn: turn.bar }), flared(start, until, turn.flag, FLAG, () => y)], TURNED_UP);
  };
  const lower = (until: NibWidths, start = 0): Drawn => {
    if (!cusped || flaring === undefined) return bar(start, until, standing(turn.bar), 'lower arm');
    const settled = start + Math.min(SETTLE, OF_ARM * (until - start));
    const begin = turning(start, settled, [0, turn.bar], standing);
    return stroke('lower arm', [begin, flared(settled, until, flaring, FLARE, standing)], 'From the nib the stem ended on; flatten the pen, and turn it up at the end.');
  };
  /** A bar over or under a letter: cusped, the ends that stand free are turned up. */
  const free = (name: string, from: NibWidths, until: NibWidths, at: 'head' | 'foot', ends: 'both' | 'first' | 'last', remark: string): Drawn => {
    const height = at === 'head' ? hanging : standing;
    const plain = to(from, height(turn.bar), 0, { turn: turn.bar });
    if (!cusped || flaring === undefined) return stroke(name, [plain, line(until, height(turn.bar))], remark);
    const begin = ends === 'last' ? plain : turning(from, from + FLARE, [flaring, turn.bar], height);
    const end = ends === 'first' ? line(until, height(turn.bar)) : flared(from + FLARE, until, flaring, FLARE, height);
    return stroke(name, [begin, end], `${remark} Turn it up at ${ends === 'both' ? 'both ends' : 'the free end'}.`);
  };

  /** Out over the stem, round between two heights, and back level. */
  const bowl = (high: NibWidths, low: NibWidths, x: NibWidths, flat: NibWidths, start = over): Run => [
    cusped && start === over && high === hanging(0) ? settling(LEVEL_START, Math.min(SETTLE, OF_FLAT * flat), 0, hanging) : to(start, high, 0),
    line(flat, high),
    to(x, (high + low) / 2, -90),
    to(0.92 * flat, low, 180),
    line(0.05, low),
  ];

  return { bar, upper, middle, lower, free, bowl, over };
}
