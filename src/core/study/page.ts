import { asTyped } from '../hand/hand';
import type { Band } from '../practice/band';
import { type Criterion, criteriaFor, type Theme } from '../practice/criteria';
import { bestPage } from '../practice/fit';
import type { Lesson } from '../practice/lessons';
import { filledUp, numbered, wordsFor } from '../practice/tenMinutes';
import type { WordList } from '../practice/words/wordList';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import type { Sheet } from '../sheet/sheet';
import { isKnown } from './memory';
import type { Memories, Step } from './plan';
import { ofKey, type Unit } from './unit';

/** Minutes a page holds; longer sessions have several. */
const PAGE_MINUTES = 10;
const ROWS = { trace: 1, fading: 1, free: 3, snug: true, lines: 1, repeat: true } as const;
const NEW_ROWS = { trace: 2, fading: 2, free: 3, snug: true, lines: 1, repeat: true } as const;

/** Letters that may stand in words: those known, and those this session brings. */
function lettersKnown(memories: Memories, by: readonly Step[] = []): string[] {
  const known = [...memories].flatMap(([key, memory]) => (isKnown(memory) ? [key] : []));
  const keys = [...known, ...by.map(({ unit }) => unit.key)];
  return [
    ...new Set(
      keys.flatMap((key) => {
        const unit = ofKey(key);
        return unit?.kind === 'letter' ? [unit.of] : [];
      }),
    ),
  ];
}

/** A step with the text it is written in: the letter, the strip, or a word chosen for it. */
export interface ShownStep extends Step {
  readonly text: string;
}

/** Number of candidate words; the next is taken where one is used already. */
const WORDS_TO_CHOOSE = 3;

/** The steps of a plan with their texts. Words are made of letters known, or in the session; a step no word can be found for is left out. */
export function withTexts(
  recipe: Sheet,
  steps: readonly Step[],
  memories: Memories,
  lessons: readonly Lesson[],
  words: WordList,
): ShownStep[] {
  const hand = handOf(recipe);
  const known = new Set(asTyped(hand, lettersKnown(memories, steps)));
  const used = new Set<string>();
  return steps.flatMap((step): ShownStep[] => {
    if (step.unit.kind !== 'word') return [{ ...step, text: step.unit.of }];
    const letters = lessons.find(({ family }) => family === step.unit.of)?.letters ?? [];
    const mine = asTyped(hand, letters).filter((letter) => known.has(letter));
    const text = wordsFor(mine, known, words, WORDS_TO_CHOOSE).find((word) => !used.has(word));
    if (text === undefined) return [];
    used.add(text);
    return [{ ...step, text }];
  });
}

/** Steps page by page: what is written in ten minutes stands on one. */
function inPages(steps: readonly ShownStep[]): ShownStep[][] {
  const pages: ShownStep[][] = [];
  let spent = Number.POSITIVE_INFINITY;
  for (const step of steps) {
    if (spent + step.minutes > PAGE_MINUTES) {
      pages.push([]);
      spent = 0;
    }
    pages.at(-1)?.push(step);
    spent += step.minutes;
  }
  return pages;
}

/** The page of a session: a band a step, what is new guided, as much as there is room for; empty lines to the foot. */
export function pageOfSteps(
  recipe: Sheet,
  steps: readonly ShownStep[],
  own: readonly OwnLetter[] = [],
): readonly Band[] {
  const make = numbered('s');
  const bandFor = ({ unit, reason, text }: ShownStep, guided: boolean): Band => {
    switch (unit.kind) {
      case 'stroke':
        return make('drill', unit.of, { guided: guided && reason === 'new', lines: 1 });
      case 'letter':
        return make('letter', text, reason === 'new' ? NEW_ROWS : { ...ROWS, guided });
      case 'rhythm':
        return make('line', text, { guided: false, trace: 1, free: 1, snug: true });
      case 'join':
        return make('pair', text, { ...ROWS, guided: false });
      case 'word':
        return make('word', text, { trace: 1, fading: 1, free: 1, repeat: true, guided: false });
    }
  };
  return inPages(steps).flatMap((page) => {
    const plans = [true, false].map((guided) => page.map((step) => bandFor(step, guided)));
    return bestPage(
      recipe,
      plans.flatMap((plan) => filledUp(plan, make('ruling', '', { fill: true }))),
      { own },
    );
  });
}

/** Maximum number of points in a self-check: more are not rated with care. */
const MOST_CRITERIA = 5;

/** What to compare after a plan: of its strokes, letters and words, the first of each theme first. */
export function criteriaOf(
  recipe: Sheet,
  steps: readonly { readonly unit: Pick<Unit, 'kind' | 'of'> }[],
): Criterion[] {
  const kinds = new Set(steps.map(({ unit }) => unit.kind));
  const capitals = steps.some(({ unit }) => unit.kind === 'letter' && /\p{Lu}/u.test(unit.of));
  const themes: Theme[] = [
    ...(kinds.has('letter') ? (['letters'] as const) : []),
    ...(kinds.has('word') || kinds.has('join') || kinds.has('rhythm') ? (['words'] as const) : []),
    ...(capitals ? (['capitals'] as const) : []),
    ...(kinds.has('stroke') ? (['strokes'] as const) : []),
  ];
  const lists = themes.map((theme) => criteriaFor(theme, recipe));
  const turns = [0, 1, 2].flatMap((turn) => lists.flatMap((list) => list[turn] ?? []));
  const byId = new Map(turns.map((criterion) => [criterion.id, criterion]));
  return [...byId.values()].slice(0, MOST_CRITERIA);
}
