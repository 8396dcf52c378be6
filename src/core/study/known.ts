import type { Lesson } from '../practice/lessons';
import { afterRating, GRADES, type Memory } from './memory';
import type { Memories } from './plan';
import { keyOf } from './unit';

/**
 * Memories with letters somebody says they know, and their strokes: as if they had gone near on the day that was said, wherever no
 * session has spoken of them.
 */
export function withKnown(
  memories: Memories,
  lessons: readonly Lesson[],
  letters: readonly string[],
  said: Date,
): Memories {
  const all = new Map<string, Memory>(memories);
  const near = afterRating(undefined, { grade: GRADES.near, at: said, off: [] });
  const known = new Set(letters);
  for (const lesson of lessons) {
    const mine = lesson.letters.filter((letter) => known.has(letter));
    const keys = mine.map((letter) => keyOf('letter', letter));
    for (const key of mine.length > 0 ? [keyOf('stroke', lesson.drill), ...keys] : [])
      if (!all.has(key)) all.set(key, near);
  }
  return all;
}
