import type { Typeface } from './face';
import type { Chosen, SetLine } from './placed';
import { setGroups } from './setGroups';
import { setRow } from './setRow';
import { formIn, lettersIn, reachingOf, shapeFor } from './shapes';
import type { Touch } from './touch';

const isLetter = (text: string | undefined): boolean => text !== undefined && /^\p{L}/u.test(text);

/** Characters that stand for two, which are written one after the other. */
const PAIRED = /[ĳĲŉ]/g;
const apart = (text: string): string => text.replace(PAIRED, (pair) => pair.normalize('NFKC'));

/** Words with the shapes chosen for their letters, in the order they are read. */
function chosenIn(face: Typeface, text: string, touches: readonly Touch[]): Chosen[][] {
  const words = [...face.fold(apart(text.normalize('NFC'))).matchAll(/\S+/g)];
  const split = words.map(([word]) => lettersIn(face, word));
  const all = split.flat();
  const { body } = face.zones;
  let written = 0;
  return split.map((texts, w) => {
    let at = words[w]?.index ?? 0;
    return texts.map((character, i): Chosen => {
      const place = { at, number: written };
      at += character.length;
      written += 1;
      const touch = touches.find((one) => one.at === place.at);
      const [before, after] = [texts[i - 1], texts[i + 1]];
      const cut = shapeFor(face, character, {
        before: isLetter(before) ? before : undefined,
        after: isLetter(after) ? after : undefined,
        endsLine: w === words.length - 1 && after === undefined,
        form: formIn(face, texts, i),
        reaching: reachingOf(face, texts, i),
        number: place.number,
        word: words[w]?.[0],
        shape: touch?.shape,
      });
      if (!cut) return { text: character };
      const standing = face.inPlace(cut, place.number, all);
      const rise = standing.rise + (touch?.rise ?? 0) * body;
      return { cut: standing.cut, at: place.at, off: { along: (touch?.along ?? 0) * body, rise } };
    });
  });
}

/**
 * Sets a line of text: shapes by context, ligatures, letters spaced and joined, words apart by the hand's word space,
 * from the right where the hand is written so; letters touched by hand as they were put. Draws nothing. The leftmost
 * letter's ink stands at 0.
 */
export function setLine(face: Typeface, text: string, touches: readonly Touch[] = []): SetLine {
  const words = chosenIn(face, text, touches);
  if (face.script.byPorts) return setGroups(face, face.script.byPorts, words);
  return setRow(face, face.rightToLeft ? words.map((word) => word.toReversed()).reverse() : words);
}
