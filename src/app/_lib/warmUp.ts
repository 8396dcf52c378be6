import 'server-only';
import { freshRecipe } from '@/core/document/defaults';
import { isPressed } from '@/core/hand/hand';
import { HANDS, OPENING_HAND } from '@/core/hands/registry';
import { hasLetters } from '@/core/hands/scripts';
import { NO_CORRECTION } from '@/core/page/printer';
import { PACK_PAGES, pagesOf, USUAL_COURSE } from '@/core/practice/course/course';
import { print } from '@/press/press';
import { log } from './log';
import { ownLettersFor } from './ownLettersFor';
import { wholeFile } from './pages';
import { chosenWords } from './words';

/**
 * Makes the thinnest pack in the press and throws it away: faces are read, the word list is built and the press's code is
 * compiled before anyone waits for a first page.
 */
export async function warmUp(): Promise<void> {
  // Pressed letters are the most work.
  const hand = HANDS.find(({ id, tool }) => hasLetters(id) && isPressed({ tool }))?.id ?? OPENING_HAND;
  const others = pagesOf({ ...USUAL_COURSE, sessions: 0 }).all;
  const course = { ...USUAL_COURSE, sessions: PACK_PAGES.fewest - others };
  const recipe = freshRecipe(hand);
  try {
    const [own, { words }] = await Promise.all([ownLettersFor(hand), chosenWords(recipe.wordList)]);
    const pdf = { correction: NO_CORRECTION, created: new Date() };
    const job = { kind: 'course', recipe, course, own, words, title: 'Warming up', pdf } as const;
    const { steps } = await print(job, 'warm-up', new AbortController().signal);
    await wholeFile(steps);
  } catch (error) {
    log.debug({ err: error }, 'warming up did not work; the first pack is slow');
  }
}
