import { line, only, type Shapes, shadeAt, stroke, to } from '../../../hand/notation';
import { tanDeg } from '../../../measure/units';
import type { TexturaParts } from '../parts';

/** Small letters, before which the long s stands. */
const SMALL = 'abcdefghijklmnopqrtuvwxyz';

/** l h k f t and the long s: tall stems. */
export function ascenders({ A, T, X, angle, ascender, broke, cos, curl, d, drop, flag, foot, half, held, kick, rise, run, sprung, turn }: TexturaParts): Shapes {
  /** The bar under the waistline, after which the next stem counts from a share of the stem distance. */
  const crossbar = (last: number) =>
    stroke('bar', [to(-0.78, X - half(turn.bar), 0, held(turn.bar)), line(1.1, X - half(turn.bar)), shadeAt(last * d)], 'Flatten the pen; it hangs from the waistline.');
  const long = [stroke('stem', [to(0, A - 0.3 - 2 * half()), shadeAt(0), line(0, rise)], 'From under the ascender line.'), foot(0)];
  const leg = 0.52 * X;
  /** Arm and leg of k begin a little inside the stem's edge, to hang together with it. */
  const arm = 2 * run - 0.06;
  return {
    l: [sprung(0), stroke('stem', [to(0, A - 0.4 * cos), shadeAt(0), kick(0), shadeAt(0.3 * d)], undefined, { finishes: true })],
    h: [...ascender(0), stroke('arch', [to(2 * run, T), line(d, T - drop), shadeAt(d), curl(d, 1.3, 0.8, -0.75)], 'A break out of the stem, down, and away to the left.')],
    k: [
      ...ascender(0),
      stroke(
        'arm',
        [to(arm, T), broke({ x: arm, y: T }, arm + 0.46), line(0.49, T - 0.46 / tanDeg(angle) - (arm - 0.03) * tanDeg(angle))],
        'A short break, and back on the hairline.',
      ),
      stroke('leg', [to(arm, leg), broke({ x: arm, y: leg }, d), kick(d, 0.5, 0.4), shadeAt(d)], 'A break, and down.'),
    ],
    f: [...long, stroke('flag', flag(0, A - 0.3), 'A break, and out on the hairline.'), crossbar(0.62)],
    t: [stroke('stem', [to(0, T + 0.75), shadeAt(0), kick(0, 0.75)], 'A little over the waistline.'), crossbar(0.55)],
    's long': only({ before: SMALL }, [...long, stroke('flag', [flag(0, A - 0.3), shadeAt(0.34 * d)], 'f without its bar: anywhere but at the end of a word.')]),
  };
}
