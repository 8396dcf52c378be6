import 'server-only';
import { freshRecipe } from '@/core/document/defaults';
import { isPressed } from '@/core/hand/hand';
import { HANDS, OPENING_HAND } from '@/core/hands/registry';
import { hasLetters } from '@/core/hands/scripts';
import { PACK_PAGES, pagesOf, USUAL_COURSE } from '@/core/practice/course/course';
import { log } from './log';

/** The server answers by then, in ms; until then nobody waits for a file. */
const DELAY = 1500;

/**
 * Asks the server that has just started for the thinnest pack, as a user would, and throws it away: its faces are read,
 * its word list is built and its code compiled before anyone waits for a first page. Routes are loaded apart from what
 * runs at the start, so only a request reaches them. It makes way for others at every page.
 */
export function warmUp(): void {
  const timer = setTimeout(() => {
    // Pressed letters are the most work.
    const hand = HANDS.find(({ id, tool }) => hasLetters(id) && isPressed({ tool }))?.id ?? OPENING_HAND;
    const others = pagesOf({ ...USUAL_COURSE, sessions: 0 }).all;
    const course = { ...USUAL_COURSE, sessions: PACK_PAGES.fewest - others };
    fetch(`http://127.0.0.1:${process.env.PORT}/api/course?printer=none&keep=0`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ recipe: freshRecipe(hand), course }),
    })
      .then((response) => response.arrayBuffer())
      .catch((error: unknown) =>
        log.debug({ err: error }, 'warming up did not work; the first pack is slow'),
      );
  }, DELAY);
  timer.unref();
}
