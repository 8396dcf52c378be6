import { freshRecipe } from '@/core/document/defaults';
import type { Mark } from '@/core/drawing/mark';
import { OPENING_HAND } from '@/core/hands/registry';
import { loadScript } from '@/core/hands/scripts';
import { fingerprint } from '@/core/measure/fingerprint';
import { lru } from '@/core/memo/memo';
import { SMALL_INK_EDGE } from '@/render/pathData';
import { markOf } from '../lib/mark';

/** A title as a picture of its own. */
export interface WrittenTitle {
  /** A free-standing SVG, its ink black: pages use it as a mask, so that it takes the colour of the theme. */
  readonly svg: string;
  /** Width over height. */
  readonly proportion: number;
  /** Changes with the picture, so that browsers may keep one for good. */
  readonly version: string;
}

/** Ascenders and descenders of titles, in letter units: small, so that they stand close in a line. */
const SMALL = { ascender: 3, descender: 3 };

/** Titles are a handful of words, the same for everybody: each is written once while the server runs. */
const MOST_TITLES = 30;
const kept = lru<WrittenTitle | undefined>(MOST_TITLES);

/** Undefined where the opening hand has not all of its letters. */
export async function writtenTitle(text: string): Promise<WrittenTitle | undefined> {
  await loadScript(OPENING_HAND);
  return kept(text, () => {
    const fresh = freshRecipe(OPENING_HAND);
    const mark = markOf({ ...fresh, zones: { ...fresh.zones, ...SMALL } }, text);
    return mark && pictureOf(mark);
  });
}

function pictureOf(mark: Mark): WrittenTitle {
  const [, , width = 1, height = 1] = mark.box.split(' ').map(Number);
  const paths = mark.forms.map(
    ({ x, y, d }) =>
      `<path vector-effect="non-scaling-stroke" transform="translate(${x.toFixed(4)} ${y.toFixed(4)})" d="${d}"/>`,
  );
  const edge = `stroke="#000" stroke-width="${SMALL_INK_EDGE}"`;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${mark.box}" ${edge}>${paths.join('')}</svg>`;
  return { svg, proportion: width / height, version: fingerprint(svg) };
}
