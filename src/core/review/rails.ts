import type { Grey } from '../raster/grey';
import { sampleAt } from '../raster/grey';
import { type Alignment, carried, type Laid } from './align';
import type { Inked } from './exemplar';
import type { Stem } from './stems';

/** Shades narrower than this, in pixels, show no middle. */
const LEAST_WIDE = 6;
/** Range of the body in which a shade is read, and the number of scanlines. */
const FROM = 0.32;
const TO = 0.72;
const ROWS = 12;
/** Ranges across a shade, as fractions of its width from the centre, that count as its middle and as its sides. */
const MIDDLE = 0.14;
const SIDE = { from: 0.2, to: 0.55 } as const;
/** Steps across half a shade. */
const STEPS = 14;
/** Minimum darkness of a shade's sides. */
const INK = 0.35;

/**
 * How much paler the middle of a letter's shades is than its sides, 0 to 1: over its limit ink no longer bridges the tines of a pressed pen and leaves two rails. Shades
 * are looked for where the model, as it lies on the ink, has them.
 * @returns undefined where there is no shade that is wide enough.
 */
export function paleMiddle(
  { ink, baseline }: Inked,
  stems: readonly Stem[],
  body: number,
  model: Laid,
  seen: Laid,
  alignment: Alignment,
): number | undefined {
  const pale = stems
    .filter(({ width }) => width >= LEAST_WIDE)
    .flatMap((stem) => paleIn(ink, baseline, stem, body, model, seen, alignment) ?? []);
  return pale.length > 0 ? pale.reduce((a, b) => a + b, 0) / pale.length : undefined;
}

function paleIn(
  ink: Grey,
  baseline: number,
  stem: Stem,
  body: number,
  model: Laid,
  seen: Laid,
  alignment: Alignment,
): number | undefined {
  const lean = Math.tan((stem.slope * Math.PI) / 180);
  const profile = new Float64Array(2 * STEPS + 1);
  for (let row = 0; row < ROWS; row++) {
    const over = (FROM + ((TO - FROM) * (row + 0.5)) / ROWS) * body;
    const [x, up] = carried(model, seen, alignment, [stem.x + (over - body / 2) * lean, over]);
    for (let i = -STEPS; i <= STEPS; i++) {
      const aside = (i / STEPS) * SIDE.to * stem.width * alignment.width;
      const at = i + STEPS;
      profile[at] = (profile[at] as number) + sampleAt(ink, x + aside, baseline - up) / ROWS;
    }
  }
  const within = (from: number, to: number) =>
    [...profile].filter((_, i) => {
      const share = ((i - STEPS) / STEPS) * SIDE.to;
      return share >= from && share <= to;
    });
  const sides = Math.min(Math.max(...within(-SIDE.to, -SIDE.from)), Math.max(...within(SIDE.from, SIDE.to)));
  return sides < INK ? undefined : Math.max(0, 1 - Math.min(...within(-MIDDLE, MIDDLE)) / sides);
}
