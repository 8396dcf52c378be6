import { freshRecipe } from '@/core/document/defaults';
import type { Mark } from '@/core/drawing/mark';
import { OPENING_HAND } from '@/core/hands/registry';
import { loadScript } from '@/core/hands/scripts';
import { lru } from '@/core/memo/memo';
import { markOf } from '../lib/mark';
import { WrittenMark } from './WrittenMark';

/** Ascenders and descenders of titles, in letter units: small, so that they stand close in a line. */
const SMALL = { ascender: 3, descender: 3 };

/** Titles are a handful of words, the same for everybody: each is written once while the server runs. */
const MOST_TITLES = 30;
const kept = lru<Mark | undefined>(MOST_TITLES);

/**
 * A word written by our own pen: the wordmark and the titles of stations. Read out as plain text. Written on the server,
 * so that no page loads letters for its title's sake.
 */
export async function Written({ text, height }: { text: string; height: number }) {
  await loadScript(OPENING_HAND);
  const mark = kept(text, () => {
    const fresh = freshRecipe(OPENING_HAND);
    return markOf({ ...fresh, zones: { ...fresh.zones, ...SMALL } }, text);
  });
  return mark ? <WrittenMark text={text} mark={mark} height={height} /> : text;
}
