import 'server-only';
import { freshRecipe } from '@/core/document/defaults';
import { isPressed } from '@/core/hand/hand';
import { HANDS, OPENING_HAND } from '@/core/hands/registry';
import { hasLetters } from '@/core/hands/scripts';
import { PACK_PAGES, pagesOf, USUAL_COURSE } from '@/core/practice/course/course';
import { askItself } from './askItself';
import { log } from './log';

/**
 * Asks the server that has just started for the thinnest pack, as a user would, and throws it away: its faces are read,
 * its word list is built and its code compiled before anyone waits for a first page. It makes way for others at every page.
 */
export async function warmUp(): Promise<void> {
  // Pressed letters are the most work.
  const hand = HANDS.find(({ id, tool }) => hasLetters(id) && isPressed({ tool }))?.id ?? OPENING_HAND;
  const others = pagesOf({ ...USUAL_COURSE, sessions: 0 }).all;
  const course = { ...USUAL_COURSE, sessions: PACK_PAGES.fewest - others };
  const body = JSON.stringify({ recipe: freshRecipe(hand), course });
  try {
    await (await askItself('/api/course?printer=none&keep=0', body)).arrayBuffer();
  } catch (error) {
    log.debug({ err: error }, 'warming up did not work; the first pack is slow');
  }
}
