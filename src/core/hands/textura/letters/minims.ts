import { line, only, type Shapes, shadeAt, stroke, to } from '../../../hand/notation';
import { tanDeg } from '../../../measure/units';
import type { TexturaParts } from '../parts';

/** i n m u r j: minims, diamond to diamond. */
export function minims({ B, D, T, X, angle, broke, curl, d, diamond, hair, head, link, lowLink, minim, rise }: TexturaParts): Shapes {
  const dot = stroke('dot', [to(-0.06, X + 0.62), line(0.3, X + 1.17)], 'A short thin stroke, a little steeper than the edge.');
  /** Where the head of the round r meets its foot; the foot is a break from there. */
  const low = 0.238 * X;
  const end = -0.1 + (low - B) * tanDeg(angle);
  return {
    i: [...minim(0), dot],
    n: [...minim(0), link(0, d), ...minim(d)],
    m: [...minim(0), link(0, d), ...minim(d), link(d, 2 * d), ...minim(2 * d)],
    u: [...minim(0), lowLink(0, d), ...minim(d)],
    r: [...minim(0), link(0, 0.82 * d), stroke('flag', [diamond(0.82 * d, T - 0.3, 0.42), shadeAt(0.72 * d)], 'A diamond on the end of the hairline.')],
    'r round': only({ after: 'bdhopvwy' }, [
      stroke('head', [to(-0.05, T), shadeAt(0), broke({ x: -0.05, y: T }, 0.7), line(0.7, 0.6 * X), line(-0.1, low)], 'After a bow: the back of r alone.'),
      stroke('foot', [to(-0.1, low), broke({ x: -0.1, y: low }, end), hair(end, B, 0.46), shadeAt(0.62 * d)]),
    ]),
    j: [head(0), stroke('stem', [to(0, X - rise), shadeAt(0), curl(0, 0.7, 1, 0.75 * D)], undefined, { finishes: true }), dot],
  };
}
