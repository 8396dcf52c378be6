import { withAnyNib } from '../document/chosenNib';
import { freshRecipe } from '../document/defaults';
import { countsByPen } from '../hand/hand';
import { upperLine } from '../hand/upperLine';
import { handById } from '../hands/registry';
import type { Mm } from '../measure/units';
import { type Ground, groundOf } from '../practice/ground';
import { Problem } from '../problem/problem';
import type { Bytes } from '../raster/grey';
import { PIXELS_PER_MM } from '../register/pageMap';
import { handOf } from '../setting/handOf';
import { pin } from '../sheet/solve';
import type { PrintedLine } from './due';
import type { Light } from './light';
import { ASIDE, type Line, measureLines, reachOf } from './lines';
import type { Measuring } from './review';
import { blockHeight, type SampleAsked } from './sampleAsked';

/** What the sample was to be: the hand at its size. @throws Problem where the hand cannot be written so. */
export function sampleGround({ hand, nib, body }: Pick<SampleAsked, 'hand' | 'nib' | 'body'>): Ground {
  const usual = freshRecipe(hand);
  const own = countsByPen(handOf(usual)) ? withAnyNib({ ...usual, given: {} }, nib) : usual;
  const ground = groundOf(pin(own, 'bodyMm', body), { size: 1, held: false });
  if (!ground.face)
    throw new Problem('hand', 'This hand has no letters here yet; there is nothing to measure it against.');
  return ground;
}

/** Size of the straightened picture of a block, and the position of the block's upper left corner in it, in mm. */
export function samplePage(asked: SampleAsked, ground: Ground, wide: Mm) {
  const { above, below } = reachOf(ground);
  return {
    width: wide + 2 * ASIDE,
    height: above + blockHeight(asked) + below,
    left: ASIDE,
    top: above,
  };
}

/** Tolerance, in mm, of a block marked by hand: it adds to the error of every length. */
const SHOWN: Mm = 0.3;

/** Range of widths, in mm, of lines that may be ruled under the writing. */
const RULED: Mm = 0.3;

/** The lines over and under the letters of a row: where there are such lines, they are taken out. */
const ruledBy = ({ baseline, from, to }: Line, body: Mm): PrintedLine[] =>
  [baseline, baseline - body].map((y) => ({ x1: from - ASIDE, x2: to + ASIDE, y1: y, y2: y, width: RULED }));

/**
 * Measures a straightened block of rows whose hand, nib and body are known, against the model measured by the same code.
 * @throws Problem where nothing is written in it.
 */
export function measureSample(
  page: Bytes,
  light: Light,
  asked: SampleAsked,
  ground: Ground,
  left: Mm,
  top: Mm,
): Measuring {
  const body = ground.zones.body * ground.unit;
  const [from, to] = [left, page.width / PIXELS_PER_MM - left];
  const lines = Array.from(
    { length: asked.rows },
    (_, i): Line => ({
      baseline: top + body + i * asked.pitch,
      from,
      to,
    }),
  );
  const measured = measureLines(page, light, {
    hand: asked.hand,
    ground,
    lines,
    slack: ASIDE,
    ruled: lines.flatMap((line) => ruledBy(line, body)),
    text: asked.text,
    scale: SHOWN / blockHeight(asked),
    bodyShown: asked.rows === 1,
    printed: false,
    asSet: false,
  });
  if (!measured) {
    throw new Problem(
      'corners',
      `No writing was found between the marked lines. Put the upper handles on the ${upperLine(handById(asked.hand))} of the first row and the lower ones on the baseline of the last.`,
    );
  }
  return measured;
}
