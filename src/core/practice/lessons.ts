import type { Recipe } from '../sheet/recipe';
import { recipeHand } from '../sheet/recipe';
import { type DrillId, drillsFor } from './drills';
import type { Ground } from './ground';
import { familiesOf } from './subjects';

/** A family of letters as a lesson, in the order a hand is taught. */
export interface Lesson {
  readonly family: string;
  readonly letters: readonly string[];
  readonly case: 'small' | 'capital' | 'figure';
  /** The drill that makes its strokes. */
  readonly drill: DrillId;
}

/** Which drill a family grows out of; where none is named, the warm-up stands in. */
const FAMILY_DRILLS: Readonly<Record<string, DrillId>> = {
  straight: 'stems',
  branching: 'arches',
  'a-shape': 'cups',
  oval: 'ovals',
  s: 'waves',
  diagonal: 'diagonals',
  'under-turn': 'under-turns',
  compound: 'compound-curves',
  loop: 'loops',
  'of their own': 'descending-loops',
  'full width': 'ovals-back',
  'four fifths': 'diagonals',
  half: 'stems',
  wide: 'diagonals',
  stem: 'serifs',
  'capitals: oval': 'ovals',
  'capitals: stem': 'pressure',
  'capitals: bowl': 'ovals-back',
  'capitals: pointed': 'stems',
  'capitals: turned': 'under-turns',
};

const CASES = [
  ['small', /^\p{Ll}$/u],
  ['capital', /^\p{Lu}$/u],
  ['figure', /^\p{Nd}$/u],
] as const;

/** The drill everything begins with: the saw that shows the angle, or the ramp that wakes the pressure. */
export const warmUpFor = (recipe: Recipe): DrillId =>
  recipeHand(recipe).tool === 'broad' || recipeHand(recipe).tool === 'monoline' ? 'zigzag' : 'pressure';

/** Families of small letters, then capitals, then figures; each in the hand's own order. */
export function lessonsOf(ground: Ground): Lesson[] {
  const can = new Set<string>(drillsFor(ground.recipe).map(({ id }) => id));
  const families = [...familiesOf(ground)];
  return CASES.flatMap(([name, pattern]) =>
    families.flatMap(([family, all]): Lesson[] => {
      const letters = all.filter((letter) => pattern.test(letter));
      const drill = FAMILY_DRILLS[family];
      const known = drill && can.has(drill) ? drill : warmUpFor(ground.recipe);
      return letters.length > 0 ? [{ family, letters, case: name, drill: known }] : [];
    }),
  );
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
