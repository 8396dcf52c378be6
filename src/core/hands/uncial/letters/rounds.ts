import { sharpBows } from '../../../hand/broad/sharpS';
import { type Drawn, line, type Shapes, stroke, to } from '../../../hand/notation';
import type { UncialParts } from '../parts';

/** The strokes of e, set off to the right by x. */
const eyed =
  ({ T, X, back, bar, k, mid, round }: UncialParts) =>
  (x: number): readonly Drawn[] => [
    stroke('back', back(x), 'The left of o.'),
    stroke('eye', [round(108, 100, x), to(x + 1.76 * k, T, -4), to(x + 3.13 * k, 0.755 * X, -90), to(x + 2.14 * k, mid + 0.22, 208)], 'A small bow, closed on the bar.'),
    bar(x + 0.1, x + 1.72 * k, mid, 'Flatten the pen a little.'),
  ];

/** o c e d g q p: wide rounds. */
export function rounds(parts: UncialParts): Shapes {
  const { A, B, D, T, X, back, branch, foot, head, k, lid, mid, round, stem, w } = parts;
  const e = eyed(parts);
  return {
    o: [
      stroke('left side', round(78, 300), 'From the top to the left and far round: wider than it is tall.'),
      stroke('right side', round(112, -68), 'From inside the first stroke over the top, and down to close.'),
    ],
    c: [stroke('back', back(), 'The left of o, and out on the hairline.'), stroke('head', lid, 'Short and nearly level.')],
    e: e(0),
    d: [
      stroke('bowl', [to(0.63 * w, T + 0.32 * k, 206), to(0.264 * w, 0.888 * X, -151), to(0.05 * w, 0.69 * X, -114), round(190, 300)], 'From above the waistline, round as o.'),
      stroke(
        'back',
        [to(-0.33 * k, T + 0.85 * k, 30), to(0.2 * k, T + 1.09 * k, -6), to(w, 0.475 * X, -90), round(-45, -112)],
        'A long curve from the left, leaning back over the bowl.',
      ),
    ],
    'd straight': [
      stroke('bowl', [to(0.9 * w, T, 180), to(0.505 * w, T, 181), to(0, mid, -90), to(0.432 * w, B, 2), to(0.903 * w, 0.3 * X, 62)]),
      stem([head(0.9 * w, A), foot(0.9 * w)], 'From the ascender line, closing the bowl.'),
    ],
    g: [
      stroke('back', [round(82, 278), to(0.9 * w, B + 0.42, 30)], 'The left of o.'),
      stroke('head', lid, 'As in c.'),
      stroke(
        'tail',
        [to(0.66 * w, 0.44 * X, 10), to(0.82 * w, 0.43 * X, -30), to(0.93 * w, 0.25 * X, -90), to(0.62 * w, 0.54 * D, 214)],
        'In from the right, down, and away under the line.',
      ),
    ],
    q: [
      stroke('bowl', [to(0.93 * w, T, 180), to(0.523 * w, T, 181), to(0, mid, -90), to(0.447 * w, B, 2), to(0.933 * w, 0.3 * X, 62)], 'A flat start, then the left of o.'),
      stem([to(0.93 * w, T, -90), line(0.93 * w, D + 0.2)], 'Down to the descender line.'),
    ],
    p: [
      stem([head(0), line(0, D + 0.2)], 'To the descender line.'),
      stroke('bowl', [branch(0), to(0.5 * w, T, 0), to(0.93 * w, mid, -90), to(0.41 * w, B, 180), to(0.02, B + 0.28, 158)], 'Out of the stem, round, and back to it.'),
    ],
  };
}

/** Letters that are two in one, which no mark makes: æ œ ß. */
export function pairs(parts: UncialParts): Shapes {
  const { A, B, T, X, bar, bowl, branch, k, mid, round, slant, stem, w } = parts;
  const a = 3 * k;
  return {
    æ: [stroke('back', [slant(-0.287 * a, -59), line(0.82 * a, 0.26 * X)], 'The back of a, into the back of e.'), bowl(a), ...eyed(parts)(0.87 * a)],
    œ: [
      stroke('left side', round(78, 284), 'The left of o.'),
      stroke('shared side', [round(112, 0), to(w + 1.3 * k, B, 2), to(w + 2.5 * k, B + 0.4, 28)], 'The right of o is the back of e.'),
      stroke('eye', [branch(w), to(w + 1.25 * k, T, 0), to(w + 2.35 * k, 0.755 * X, -90), to(w + 1.35 * k, mid + 0.22, 208)]),
      bar(w + 0.1, w + 0.85 * k, mid),
    ],
    ß: [stem([to(0, A - 1.7, -90), line(0, B)], 'From under the ascender line, straight down.'), sharpBows(parts, 0.88 * k)],
  };
}
