import { isPressed } from '../hand/hand';
import { handOf } from '../setting/handOf';
import type { Sheet } from '../sheet/sheet';
import { drillsFor } from './drills';
import { familiesOf } from './families';
import type { Ground } from './ground';

/** A family of letters as a lesson, in the order a hand is taught. */
export interface Lesson {
  readonly family: string;
  /** What the family is called beside its case. */
  readonly title: string;
  readonly letters: readonly string[];
  readonly case: 'small' | 'capital' | 'figure';
  /** The drill that makes its strokes, by its id. */
  readonly drill: string;
}

const CASES = [
  ['small', /^\p{Ll}$/u],
  ['capital', /^\p{Lu}$/u],
  ['figure', /^\p{Nd}$/u],
] as const;

/** Letters of a family by their case, where the hand does not say which family they are of. */
const byCase = (letters: readonly string[]) =>
  CASES.map(([name, pattern]) => [name, letters.filter((letter) => pattern.test(letter))] as const);

/** The first drill of all: the saw, which shows the angle, or the ramp, which trains the pressure. */
export const warmUpFor = (recipe: Sheet): string => (isPressed(handOf(recipe)) ? 'pressure' : 'zigzag');

/** Families of small letters, then capitals, then figures; each in the hand's own order. */
export function lessonsOf(ground: Ground): Lesson[] {
  const { recipe } = ground;
  const can = new Set<string>(drillsFor(recipe).map(({ id }) => id));
  const declared = new Map(handOf(recipe).families.map((family) => [family.name, family]));
  const lessons = [...familiesOf(ground)].flatMap(([name, letters]): Lesson[] => {
    const family = declared.get(name);
    const { drill } = family ?? {};
    const known = drill !== undefined && can.has(drill) ? drill : warmUpFor(recipe);
    const cases = family ? [[family.case, letters] as const] : byCase(letters);
    return cases.flatMap(([of, some]): Lesson[] =>
      of === 'other' || some.length === 0
        ? []
        : [{ family: name, title: family?.title ?? name, letters: some, case: of, drill: known }],
    );
  });
  return CASES.flatMap(([name]) => lessons.filter((lesson) => lesson.case === name));
}

/** The lesson the scribe is at, and which of its letters come next; undefined when all are known. */
export function nextLesson(
  lessons: readonly Lesson[],
  known: ReadonlySet<string>,
  most: number,
): { lesson: Lesson; letters: readonly string[] } | undefined {
  for (const lesson of lessons) {
    const letters = lesson.letters.filter((letter) => !known.has(letter));
    if (letters.length > 0) return { lesson, letters: letters.slice(0, most) };
  }
  return undefined;
}
