import type { Typeface } from './face';
import type { Chosen, SetLine } from './placed';
import { setGroups } from './setGroups';
import { setRow } from './setRow';
import { formIn, lettersIn, reachingOf, shapeFor } from './shapes';

const isLetter = (text: string | undefined): boolean => text !== undefined && /^\p{L}/u.test(text);

/** Characters that stand for two, which are written one after the other. */
const PAIRED = /[ĳĲŉ]/g;
const apart = (text: string): string => text.replace(PAIRED, (pair) => pair.normalize('NFKC'));

/** Words with the shapes chosen for their letters, in the order they are read. */
function chosenIn(face: Typeface, text: string): Chosen[][] {
  const words = face
    .fold(apart(text.normalize('NFC')))
    .trim()
    .split(/\s+/)
    .filter(Boolean);
  const split = words.map((word) => lettersIn(face, word));
  const all = split.flat();
  let written = 0;
  return split.map((texts, w) => {
    return texts.map((character, i): Chosen => {
      const [before, after] = [texts[i - 1], texts[i + 1]];
      const cut = shapeFor(face, character, {
        before: isLetter(before) ? before : undefined,
        after: isLetter(after) ? after : undefined,
        endsLine: w === words.length - 1 && after === undefined,
        form: formIn(face, texts, i),
        reaching: reachingOf(face, texts, i),
        at: written,
      });
      written += 1;
      return cut ? face.inPlace(cut, written - 1, all) : { text: character };
    });
  });
}

/**
 * Sets a line of text: shapes by context, ligatures, letters spaced and joined, words apart by the hand's word space,
 * from the right where the hand is written so. Draws nothing. The leftmost letter's ink stands at 0.
 */
export function setLine(face: Typeface, text: string): SetLine {
  const words = chosenIn(face, text);
  if (face.script.byPorts) return setGroups(face, face.script.byPorts, words);
  return setRow(face, face.rightToLeft ? words.map((word) => word.toReversed()).reverse() : words);
}
