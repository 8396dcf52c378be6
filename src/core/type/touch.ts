/**
 * What a scribe has changed by hand about one letter of a line. Places are offsets in the text, so that joining or
 * parting letters moves no touch to another letter.
 */
export interface Touch {
  /** Where in the text the letter begins, in UTF-16 units. */
  readonly at: number;
  /** Offset along the line, as a fraction of the body. */
  readonly along?: number;
  /** Upward offset, as a fraction of the body. */
  readonly rise?: number;
  /** Written in this shape. */
  readonly shape?: string;
}

/** Touches without those that change nothing, in the order of the text. */
const kept = (touches: readonly Touch[]): Touch[] =>
  touches
    .filter(({ along, rise, shape }) => along || rise || shape !== undefined)
    .sort((a, b) => a.at - b.at);

/** The same touches with another change made to one letter. */
export function touched(touches: readonly Touch[], change: Touch): Touch[] {
  const before = touches.find(({ at }) => at === change.at);
  return kept([...touches.filter(({ at }) => at !== change.at), { ...before, ...change }]);
}

/** Touches after the text was edited: those of letters before and after the edit stay with their letters. */
export function carriedOver<T extends Pick<Touch, 'at'>>(
  touches: readonly T[],
  before: string,
  after: string,
): T[] {
  const shorter = Math.min(before.length, after.length);
  let head = 0;
  while (head < shorter && before[head] === after[head]) head++;
  let tail = 0;
  while (tail < shorter - head && before.at(-1 - tail) === after.at(-1 - tail)) tail++;
  const moved = after.length - before.length;
  return touches.flatMap((touch) => {
    if (touch.at < head) return [touch];
    return touch.at >= before.length - tail ? [{ ...touch, at: touch.at + moved }] : [];
  });
}

/** Start and end of the word that contains a place. */
export function wordAt(text: string, at: number): readonly [number, number] {
  const word = [...text.matchAll(/\S+/g)].find(
    ({ index, 0: letters }) => at >= index && at < index + letters.length,
  );
  return word ? [word.index, word.index + word[0].length] : [at, at];
}
