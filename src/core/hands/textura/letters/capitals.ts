import { ellipse } from '../../../hand/broad/round';
import { type Drawn, line, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { NibWidths } from '../../../measure/units';
import type { TexturaParts } from '../parts';

/** A to Z: wide, with roofs, crescents and hairlines inside; never a word of them alone. */
export function capitals(parts: TexturaParts): { round: Shapes; roofed: Shapes; flagged: Shapes } {
  const { B, C, K, angle, bar, broke, broken, cos, crescent, curl, foot, flagged, half, held, kick, needle, rise, roof, sin, thorn, turn } = parts;
  const up = (share: number): NibWidths => share * K;
  const stem = (x: number, from: number, until = rise): Drawn => stroke('stem', [to(x, from), line(x, until)]);
  /** Over a stem, to the right and down to a height: P, R, B; and back on the hairline to another. */
  const roofBow = (x: number, out: number, low: NibWidths, back: NibWidths): Drawn =>
    stroke(
      'roof and bow',
      [to(x, C - 0.62, angle), to(x + 0.66, C, 2), to(0.36 * out, C - 0.06, -14), to(out, C - 1.2, -90), ...(low < C - 1.2 ? [line(out, low)] : []), line(0.1, back)],
      'Up on the hairline, over, and back on the hairline.',
    );
  /** A break of the full pen from a place on the capital line. */
  const flag = (x: number, length = 0.9): Drawn => stroke('flag', [to(x, C), line(x + length * sin, C - length * cos)]);
  const end = (x: number): Run => kick(x, 0.6, 0.35);
  const hooked = (name: string, x: number, foot: Run, remark?: string): Drawn => stroke(name, [flagged(x), foot], remark);
  const wide = broken(2.1);
  const [ox, mid] = [1.22, up(0.5)];
  const oh = C - mid;
  const o = [
    stroke('left', ellipse(ox, mid, ox, oh, 69, 305), 'A crescent.'),
    stroke('right', ellipse(ox, mid, ox, oh, 117, -60), 'Another, closing it.'),
    needle(1.24, up(0.69), up(0.31)),
  ];
  /** The left flag of U, V, W, Y breaking into a stem. */
  const strong = (x: number): Run => flagged(x, 1.1);
  const baseOf = (w: number): Run => [line(0, B + broken(w).drop), line(broken(w).side, B)];
  const bowOf = (x: number, w: number, until = B + 2 * half()): Run => [to(x + w - broken(w).side, C), line(x + w, C - broken(w).drop), line(x + w, until)];

  const round: Shapes = {
    O: o,
    Q: [...o, stroke('tail', [to(1.3, B + 0.35), broke({ x: 1.3, y: B + 0.35 }, 2.07), line(2.59, B - 0.03)], 'A break through the foot.')],
    C: [stroke('back', crescent(2.1), 'One crescent, from the top round to the foot.'), flag(1.55), needle(1, up(0.69), up(0.31))],
    E: [
      stroke('back', crescent(2.05)),
      flag(1.52),
      stroke('tongue', [to(0.2, up(0.452)), line(1.05, up(0.452) + 0.85 * 0.9), broke({ x: 1.05, y: up(0.452) + 0.85 * 0.9 }, 1.49)], 'Hairline, and a short break.'),
    ],
    G: [
      stroke('back', [to(1.52, C, 194), to(0, 0.53 * K, -90), to(1.19, B, -8), to(1.82, B + 0.55, 46)]),
      flag(1.52),
      stroke('stem', [to(1.58, up(0.57)), broke({ x: 1.58, y: up(0.57) }, 2.23), curl(2.23, 1.6, 0.95, -0.6)], 'A break, down, and away to the left.'),
      needle(0.86, up(0.68), up(0.34)),
    ],
    T: [
      stroke('back', [to(1.55, C - 0.12, 194), to(0, 0.53 * K, -90), to(1.22, B, -8), to(2.22, B + 0.52, angle + 2)]),
      stroke('roof', roof(-0.75, 2.45), 'A wave along the top.'),
      needle(1.04, up(0.68), up(0.31)),
    ],
    D: [
      stroke('stem', [to(0.1, C - 0.3), kick(0.1, 0.95, 0)]),
      stroke(
        'roof and bow',
        [to(-0.95, C - 0.62, angle), to(-0.3, C, 2), to(0.75, C - 0.2, -22), to(2.5, up(0.5), -90), to(0.8, B + 0.02, 200)],
        'Over, round, and back to the foot of the stem.',
      ),
      needle(1.2, up(0.742), up(0.258)),
    ],
    S: [
      stroke('spine', [to(1.4, C, 190), to(0.05, up(0.74), -90), to(1.1, up(0.5), -36), to(2.15, up(0.27), -90), to(0.85, B, 190)]),
      flag(1.4, 0.95),
      stroke('base', [to(0.18, B + 0.75), broke({ x: 0.18, y: B + 0.75 }, 0.85)]),
    ],
  };
  /** Lower bow and leg hang on the hairline that comes back to the stem. */
  const [waist, knee] = [up(0.506) + (0.64 / 1.85) * (C - 1.2 - up(0.506)), up(0.466) + (0.65 / 1.75) * up(0.244)];
  const roofed: Shapes = {
    A: [
      stroke('roof and stem', [to(-0.75, C - 0.62, angle), to(-0.1, C, 2), to(0.7, C - 0.18, -22), to(2.3, C - 1.7, -90), end(2.3)], 'Over, and down to a foot.'),
      stroke('left leg', [to(0.72, C - 0.45, -98), to(0.22, up(0.3), -92), to(-0.85, B - 0.1, angle + 180)], 'Down, and away to the left.'),
      bar(0.55, 2.1, up(0.42)),
    ],
    B: [
      stroke('stem', [to(0, C - 0.1), baseOf(2.1)]),
      roofBow(-1, 1.95, C - 1.2, up(0.506)),
      stroke('lower bow', [to(2.1 - wide.side, waist), line(2.1, waist - wide.drop), line(2.1, B + 2 * half())]),
      thorn(0, up(0.5)),
    ],
    P: [stem(0, C - 0.1), foot(0), roofBow(-1, 2.05, up(0.617), up(0.346)), thorn(0, up(0.5))],
    R: [
      stem(0, C - 0.1),
      foot(0),
      roofBow(-1, 1.85, up(0.71), up(0.466)),
      stroke('leg', [to(0.75, knee), broke({ x: 0.75, y: knee }, 1.95), end(1.95)], 'A break, and down to a foot.'),
    ],
    F: [stroke('stem', [to(0.3, C - 0.2), curl(0.3, 1.5, 1.15, B - 0.1)]), stroke('roof', roof(-0.8, 1.9)), bar(0.42, 1.65, up(0.55)), needle(-0.48, up(0.75), up(0.31))],
    I: [stem(0.3, C - 0.2), foot(0.3), stroke('roof', roof(-0.8, 1.4)), thorn(0.3, up(0.52))],
    J: [stroke('stem', [to(0.3, C - 0.2), curl(0.3, 0.6, 1.4, -1.4)]), stroke('roof', roof(-0.8, 1.4)), thorn(0.3, up(0.52))],
    Z: [
      stroke('roof', roof(-0.45, 2.2)),
      stroke('diagonal', [to(2.05, C - 0.3, undefined, held(turn.zigzag)), line(0, B + 0.15)]),
      stroke('foot', [to(-0.3, B + 0.12, 20), to(0.45, B + 0.25, -8), to(1.5, B, 0), to(2.3, B + 0.55, angle + 2)], 'A wave along the line.'),
      bar(0, 2.1, up(0.5)),
    ],
  };
  const hung: Shapes = {
    H: [
      hooked('stem', 0, line(0, rise)),
      foot(0),
      stroke('arch', [to(0.74, up(0.68)), broke({ x: 0.74, y: up(0.68) }, 1.95), curl(1.95, 1.7, 1.05, -0.65)]),
      stroke('wave', [to(0.1, C - 0.75, angle), to(0.72, C - 0.2, 0), to(1.4, C - 0.55, -30), to(1.85, C - 0.45, angle)], 'A small wave from the stem.'),
    ],
    K: [
      hooked('stem', 0, line(0, rise)),
      foot(0),
      stroke('arm', [to(0.74, C - 0.62), broke({ x: 0.74, y: C - 0.62 }, 1.51), line(0.55, C - 0.62 - 0.77 * 1.11 - 0.96 * 0.9)]),
      stroke('leg', [to(0.62, up(0.57)), broke({ x: 0.62, y: up(0.57) }, 1.85), end(1.85)]),
    ],
    L: [hooked('stem and foot', 0, [line(0, up(0.25)), to(1.05, B, 0), to(2, B + 0.38, angle)]), needle(0.84, up(0.66), up(0.33)), thorn(0, up(0.52))],
    M: [
      stroke('left back', [to(1.75, C - 0.05, 186), to(0, up(0.6), -90), line(0, up(0.274)), to(0.66, B, -4), to(1.15, B + 0.36, angle + 2)], 'A crescent with a straight back.'),
      stem(1.75, C - 0.05),
      foot(1.75),
      stroke('right', [to(1.76, C - 0.54), line(2.35, C), broke({ x: 2.35, y: C }, 3.5), curl(3.5, 1.6, 1.05, -0.65)]),
      needle(2.62, up(0.742), up(0.228)),
    ],
    N: [
      hooked('first stem', 0, curl(0, 1.5, 1.15, B - 0.1), 'Down, and away to the left.'),
      stroke('second stem', [to(0.32, C - 0.57), line(0.95, C), broke({ x: 0.95, y: C }, 2.15), end(2.15)], 'Hairline, a long break, and down.'),
      needle(1.1, up(0.742), up(0.228)),
    ],
    U: [hooked('left', 0, baseOf(2.15)), stroke('right', [to(1.46, C - 0.2), line(1.68, C), broke({ x: 1.68, y: C }, 2.15), end(2.15)]), needle(1.08, up(0.703), up(0.266))],
    V: [stroke('left', [strong(0), baseOf(2.15)]), stroke('right', bowOf(0, 2.15))],
    W: [
      stroke('left', [strong(0), baseOf(1.75)]),
      stroke('middle', [to(0.92, C - 0.2), line(1.15, C), broke({ x: 1.15, y: C }, 1.75), line(1.75, B + broken(2).drop), line(1.75 + broken(2).side, B)]),
      stroke('right', bowOf(1.75, 2)),
    ],
    X: [
      stroke('heavy', [to(-0.75, C - 0.6, angle), to(-0.15, C - 0.02, 0), to(0.42, C - 0.75, -66), line(1.62, B + 0.75), to(2.15, B, 0), to(2.7, B + 0.42, angle + 2)]),
      stroke('thin', [to(2.4, C - 0.02, 206), to(1.86, C - 0.62, 247), line(0.36, B + 0.95), to(-0.5, B - 0.05, angle + 180)]),
      bar(0.05, 2, up(0.5)),
    ],
    Y: [stroke('left', [strong(0), baseOf(2.1)]), stroke('right', [bowOf(0, 2.1, 0.9), to(0.6, -1.35, angle + 180)], 'Down, and away to the left.')],
  };
  return { round, roofed, flagged: hung };
}
