import { asTyped } from '../hand/hand';
import type { Band } from '../practice/band';
import { compose } from '../practice/compose';
import { type Criterion, criteriaFor, type Theme } from '../practice/criteria';
import { bestPage } from '../practice/fit';
import type { Lesson } from '../practice/lessons';
import { filledUp, numbered, wordsFor } from '../practice/tenMinutes';
import type { WordList } from '../practice/words/wordList';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import type { Sheet } from '../sheet/sheet';
import { isKnown } from './memory';
import type { Memories, Plan, Step } from './plan';
import { ofKey } from './unit';

/** Minutes a page holds; longer sessions have several. */
const PAGE_MINUTES = 10;
const ROWS = { trace: 1, fading: 1, free: 3, snug: true, lines: 1, repeat: true } as const;
const NEW_ROWS = { trace: 2, fading: 2, free: 3, snug: true, lines: 1, repeat: true } as const;

/** Letters that may stand in words: those known, and those this session brings. */
export function lettersKnown(memories: Memories, by: readonly Step[] = []): string[] {
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

/** A step with the band that practises it; words are chosen when the page is made. */
export interface PageOf {
  readonly bands: readonly Band[];
  readonly pages: number;
}

/**
 * The page of a plan: a band a step, new letters guided, as many words as there is room for; empty lines to the foot. Everything on it
 * is made of letters known, or on it.
 */
export function pageOfPlan(
  recipe: Sheet,
  { steps }: Pick<Plan, 'steps'>,
  memories: Memories,
  lessons: readonly Lesson[],
  words: WordList,
  own: readonly OwnLetter[] = [],
): PageOf {
  const hand = handOf(recipe);
  const known = new Set(asTyped(hand, lettersKnown(memories, steps)));
  const make = numbered('s');
  const used = new Set<string>();
  const bandFor = ({ unit, reason }: Step, guided: boolean): Band[] => {
    switch (unit.kind) {
      case 'stroke':
        return [make('drill', unit.of, { guided: guided && reason === 'new', lines: 1 })];
      case 'letter':
        return [make('letter', unit.of, reason === 'new' ? { ...NEW_ROWS } : { ...ROWS, guided })];
      case 'rhythm':
        return [make('line', unit.of, { guided: false, trace: 1, free: 1, snug: true })];
      case 'join':
        return [make('pair', unit.of, { ...ROWS, guided: false })];
      case 'word': {
        const letters = lessons.find(({ family }) => family === unit.of)?.letters ?? [];
        const mine = asTyped(hand, letters).filter((letter) => known.has(letter));
        const word = wordsFor(mine, known, words, 3).find((one) => !used.has(one));
        if (word) used.add(word);
        return word
          ? [make('word', word, { trace: 1, fading: 1, free: 1, repeat: true, guided: false })]
          : [];
      }
    }
  };
  const rest = make('ruling', '', { fill: true });
  const pages: Step[][] = [];
  let spent = Number.POSITIVE_INFINITY;
  for (const step of steps) {
    if (spent + step.minutes > PAGE_MINUTES) {
      pages.push([]);
      spent = 0;
    }
    pages.at(-1)?.push(step);
    spent += step.minutes;
  }
  const bands = pages.flatMap((page) => {
    const [full, plain] = [true, false].map((guided) => page.flatMap((step) => bandFor(step, guided)));
    return bestPage(
      recipe,
      [full ?? [], plain ?? []].flatMap((plan) => filledUp(plan, rest)),
      { own },
    );
  });
  const once = new Map(bands.map((band, i) => [`${band.id}-${i}`, band]));
  const named = [...once].map(([id, band]) => ({ ...band, id }));
  return { bands: named, pages: compose(recipe, { own, bands: named }).pages.length };
}

/** Most points of a self-check: more are not rated with care. */
const MOST_CRITERIA = 5;

/** What to compare after a plan: of its strokes, letters and words, the first of each theme first. */
export function criteriaOf(recipe: Sheet, steps: readonly Step[]): Criterion[] {
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
