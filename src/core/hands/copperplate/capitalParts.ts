import { type Drawn, leaves, line, type Run, stroke, to } from '../../hand/notation';
import { dot } from '../../hand/pressed/dots';
import { ovalAt } from '../../hand/pressed/ovals';
import { hair } from '../../hand/pressed/turns';
import { type Degrees, type NibWidths, toDegrees } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import { type CopperplateParts, TURN } from './parts';

/** Capitals are drawn 12.5 fifths of the body tall, as 3:2:3 makes them, and scaled to the height ruled. */
const TALL: NibWidths = 12.5;

/**
 * The strokes of copperplate capitals: compound-curve stems that end in a curl, ovals on the slant, and hairlines that
 * lead in. Places are fifths of the body on capitals of 12.5; `k` and the other parts scale them.
 */
export function capitalParts(parts: CopperplateParts) {
  const { B, C, half, spread } = parts;
  const scale = (C + half()) / TALL;
  /** Half a full shade. */
  const h = spread / 2 / scale;
  /** A knot; ends of the scale touch the lines: the hairline's own width is taken off. */
  const k = (x: number, y: number, dir?: Degrees, more?: Partial<Knot>): Knot => to(x * scale, Math.min(C, Math.max(y < 0 ? Number.NEGATIVE_INFINITY : B, y * scale)), dir, more);
  /** One reached by a straight line. */
  const straight = (x: number, y: number, more?: Partial<Knot>): Knot => ({ ...k(x, y, undefined, more), line: true });
  /** Oval standing between two heights. */
  const oval = (cx: number, low: number, high: number, q: number) => ovalAt(parts, cx * scale, ((high + low) / 2) * scale, ((high - low) / 2) * scale - half(), q * scale);
  const spot = (x: number, y: number): Drawn => dot(parts, x * scale, y * scale);
  /** The turn of a shade at x, and where it leaves. */
  const turn = (x: number): Run => [parts.turns.underTurn(x * scale), leaves(parts.lowExit(x * scale + TURN.under))];

  /**
   * The capital stem: down the slant in a slight double curve, swelling in the middle, and round to the left into a curl
   * closed by a dot. Its path is the right edge of its shade.
   */
  const stem = (top = TALL, lead = 0.7): Drawn[] => [
    stroke(
      'stem',
      [
        k(h + lead, top, -112, { press: 0, anchor: 1 }),
        k(h + 0.1, 0.7 * top, -93, { press: 0.8 }),
        k(h, 0.46 * TALL, -90, { press: 1 }),
        k(h - 0.28, 2.2, -101, { press: 0.55 }),
        k(-1.35, 0, 180, hair),
        k(-2.6, 1.35, 88),
      ],
      'Press only in the middle of it; round to the left at the foot.',
    ),
    spot(-2.45, 1.5),
  ];
  /** Hairline wave over the head of I, J, H, K: from a dot at the left up into the stem. */
  const headWave: Drawn[] = [
    stroke('entry', [k(-2.6, 9.8, 96, { press: 0, anchor: 0.5 }), k(-1.3, 11.9, 4), k(0.95, TALL, 30)], 'From a dot, over, and into the head of the stem.'),
    spot(-2.48, 9.75),
  ];
  /** Hairline out of a curl at the lower left up to the apex: the left leg of A, M, N. */
  const leftLeg = (foot: number, apex: number): Drawn[] => [
    stroke('hairline', [k(foot - 1.0, 1.5, -96, hair), k(foot - 0.1, 0, 4), k(foot + 1.25, 2.6, 76), k(apex, TALL, 76)], 'Up from the curl, no pressure at all.'),
    spot(foot - 0.92, 1.6),
  ];
  /** A shade from the apex at `x1` to the line at `x2`, its path its middle. */
  const slant = (x1: number, x2: number, name = 'diagonal'): Drawn =>
    stroke(
      name,
      [
        k(x1, TALL, -90 + toDegrees(Math.atan((x2 - x1) / TALL)), { press: 0.08, anchor: 0.5 }),
        straight(x1 + (x2 - x1) * 0.4, 0.6 * TALL, { press: 1 }),
        straight(x1 + (x2 - x1) * 0.72, 0.28 * TALL, { press: 0.9 }),
        straight(x2, 0, { press: 0.08 }),
      ],
      'Press in and out again: it ends as fine as it began.',
    );
  /** Curl at the head of U, V, W, Y: from a dot, over, into a shade. */
  const headCurl: Run = [k(-2.5, 9.7, 97, { press: 0, anchor: 1 }), k(-1.2, TALL, 0), k(h, 9.0, -90, { press: 0.9 })];
  const headDot = spot(-2.36, 9.65);
  /** From the shade of a head curl round the line and up into the second stem at x. */
  const cupTo = (x: number): Run => [line(-spread / 2, 3.4, { press: 1, anchor: 0, dir: -90 }), k(1.3, 0, 0, hair), k(x - h - 0.1, 6.0, 86), k(x - h, 0.97 * TALL, 90)];
  /** A shade at x pressed in from nothing at the capital line, and its turn. */
  const pressedIn = (x: number): Run => [k(x - h, TALL, -90, { press: 0, anchor: 0 }), straight(x - h, 8.2, { press: 0.9 }), turn(x)];
  /** The wave over F and T. */
  const cap: Drawn[] = [
    stroke(
      'wave',
      [k(-2.8, 9.6, 96, { press: 0, anchor: 0.5 }), k(-1.5, 12.1, 4, { press: 0.1 }), k(1.1, 11.2, -14, { press: 0.5 }), k(2.9, 11.3, 14, { press: 0.2 }), k(4.1, 12.4, 40, hair)],
      'A wave, a little pressure on its way down.',
    ),
    spot(-2.68, 9.6),
  ];
  /** Entry loop and bowl of B, P, R: from the left, over the top, round, and back to the stem at `low`. */
  const bowl = (low: number, w: number, back: Degrees): Run => [
    k(-3.0, 8.2, -80, { press: 0, anchor: 0.75 }),
    k(-2.3, 7.2, 10),
    k(-1.5, 9.0, 78),
    k(0.6, TALL, 8),
    k(w, (TALL + low) / 2 + 0.3, -94, { press: 0.75 }),
    k(0.45, low, back, hair),
  ];
  /** Hairline of V, W and N that rises into a hook at the top, from `x` on the line. */
  const hooked = (name: string, x: number, y: number, dir: Degrees, to: readonly (readonly [number, number, Degrees])[]): Drawn =>
    stroke(name, [k(x, y, dir, { press: 0, anchor: 0.5 }), to.map(([kx, ky, kdir]) => k(kx, ky, kdir))]);

  return {
    TALL,
    ...{ bowl, cap, cupTo, h, headCurl, headDot, headWave, hooked, k, leftLeg, oval, parts, pressedIn, scale, slant, spot, stem, straight, turn },
  };
}

export type CapitalParts = ReturnType<typeof capitalParts>;
