import { type Grey, sampleAt } from '../raster/grey';
import type { Stem } from './stems';

/** Shades narrower than this, in pixels, show no top. */
const LEAST_WIDE = 6;
/** Scanline stride in pixels, and the range of heights that are scanned, as fractions of the body. */
const STEP = 0.5;
const FROM = 0.6;
const REACH = 0.9;
/** Fraction of a shade's width that is ink: below the first the shade has ended, from the second on it is full. */
const ENDED = 0.3;
const FULL = 0.85;
/** Half width of the range that is read across a shade, as a fraction of its width. */
const ASIDE = 0.75;

/**
 * How soon shades are full from their tops down, in shares of their width: 0 where they are cut square, ½ where they are round, 1 and
 * more where they begin as points. Shades whose top runs into another stroke have none.
 */
export function topsOf(ink: Grey, baseline: number, body: number, stems: readonly Stem[]): number[] {
  return stems.flatMap((stem) => {
    if (stem.width < LEAST_WIDE) return [];
    const lean = Math.tan((stem.slope * Math.PI) / 180);
    const wide = (over: number): number => {
      const middle = stem.x + (over - body / 2) * lean;
      let sum = 0;
      for (let aside = -ASIDE * stem.width; aside <= ASIDE * stem.width; aside += STEP)
        sum += STEP * sampleAt(ink, middle + aside, baseline - over);
      return sum / stem.width;
    };
    let full: number | undefined;
    for (let over = FROM * body; over < (FROM + REACH) * body; over += STEP) {
      const share = wide(over);
      if (share >= FULL) full = over;
      if (full !== undefined && share < ENDED) return [(over - full) / stem.width];
    }
    return [];
  });
}
