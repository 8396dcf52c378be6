import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { Recipe } from '@/core/document/recipe';
import { handById } from '@/core/hands/registry';
import { Problem } from '@/core/problem/problem';
import { layoutSheet } from '@/core/sheet/layout';
import { pin } from '@/core/sheet/solve';
import { Away, Stale } from '../lib/api';
import { whyWaiting } from '../lib/patience';
import { begin, commit } from './history';
import type { Kept, Theirs } from './keptWork';
import type { Work } from './saver';
import { type DeskPorts, SheetDesk } from './sheetDesk';

const RECIPE = freshRecipe('italic');
const LONGER_THAN_AUTOSAVE = 2000;

const widened = (by: number) => (recipe: Recipe) => pin(recipe, 'width', recipe.width + by);
const titled = (title: string) => (recipe: Recipe) => ({ ...recipe, title: recipe.title + title });

/** A shelf that answers when it is told to, as a desk sees it. */
function around(more: Partial<DeskPorts<Recipe>> = {}) {
  const saves: { readonly work: Work<Recipe>; readonly answer: (error?: Error) => void }[] = [];
  const seen = { left: [] as Work<Recipe>[], copies: [] as Work<Recipe>[], kept: [] as Kept<Recipe>[] };
  const saver = {
    revision: 1 as number | undefined,
    save: (work: Work<Recipe>) =>
      new Promise<void>((done, fail) => {
        saves.push({ work, answer: (error) => (error ? fail(error) : done()) });
      }),
    leave: async (work: Work<Recipe>) => {
      seen.left.push(work);
    },
    sentBefore: (_: Work<unknown>) => false,
  };
  const ports: DeskPorts<Recipe> = {
    saver,
    check: layoutSheet,
    letters: { here: () => true, fetch: async () => undefined, named: ({ hand }) => handById(hand).name },
    keep: (kept) => seen.kept.push(kept),
    readTheirs: async (data) => data as Theirs<Recipe> | undefined,
    copy: async (work) => {
      seen.copies.push(work);
    },
    ...more,
  };
  const desk = new SheetDesk({ name: 'Mine', recipe: RECIPE }, ports);
  const present = () => desk.state().history.present;
  const answer = async (error?: Error) => {
    saves.at(-1)?.answer(error);
    await vi.advanceTimersByTimeAsync(0);
  };
  return { desk, saver, saves, seen, present, answer };
}

const wait = () => vi.advanceTimersByTimeAsync(LONGER_THAN_AUTOSAVE);
const THEIRS: Theirs<Recipe> = { name: 'Theirs', recipe: { ...RECIPE, title: 'theirs' }, revision: 7 };

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

describe('edits', () => {
  it('made before anything is drawn again each start from the one before', () => {
    const { desk, present } = around();
    desk.edit(widened(1));
    desk.edit(widened(1));
    desk.edit(titled('x'));
    expect(present()).toMatchObject({ width: RECIPE.width + 2, title: 'x' });
    desk.undo();
    desk.undo();
    expect(present().width).toBe(RECIPE.width + 1);
    desk.redo();
    expect(present().width).toBe(RECIPE.width + 2);
  });

  it('that cannot be ruled are refused, change nothing, and what comes next takes the refusal away', async () => {
    const { desk, present, saves } = around();
    desk.edit((recipe) => ({ ...recipe, width: 400 }));
    expect(desk.state().refused?.problem).toBeInstanceOf(Problem);
    expect(desk.state().refused?.attempted.width).toBe(400);
    expect(present()).toBe(RECIPE);
    await wait();
    expect(saves).toEqual([]);
    desk.edit((recipe) => recipe);
    expect(desk.state().refused).toBeNull();
  });

  it('and undo are each other’s opposite, however many there are', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('a', 'b', 'c'), { minLength: 1, maxLength: 20 }), (letters) => {
        const { desk, present } = around();
        for (const letter of letters) desk.edit(titled(letter));
        for (const _ of letters) desk.undo();
        expect(present()).toEqual(RECIPE);
        for (const _ of letters) desk.redo();
        expect(present().title).toBe(letters.join(''));
      }),
    );
  });

  it('tell whoever watches, until they stop', () => {
    const { desk } = around();
    const told = vi.fn();
    const stop = desk.watch(told);
    desk.edit(titled('x'));
    expect(told).toHaveBeenCalledTimes(1);
    stop();
    desk.edit(titled('y'));
    expect(told).toHaveBeenCalledTimes(1);
  });
});

describe('saving', () => {
  it('waits for a pause, and is said while it goes on and when it is done', async () => {
    const { desk, saves, answer } = around();
    desk.edit(titled('a'));
    desk.edit(titled('b'));
    expect(desk.state().save.kind).toBe('saving');
    await wait();
    expect(saves.map(({ work }) => work.recipe.title)).toEqual(['ab']);
    await answer();
    expect(desk.state()).toMatchObject({ save: { kind: 'saved' }, unsaved: null });
  });

  it('is not said to be done when there was another edit meanwhile', async () => {
    const { desk, saves, answer } = around();
    desk.edit(titled('a'));
    await wait();
    desk.edit(titled('b'));
    await answer();
    expect(desk.state().save.kind).toBe('saving');
    await wait();
    expect(saves.map(({ work }) => work.recipe.title)).toEqual(['a', 'ab']);
  });

  it('that failed says why, loses nothing, and can be tried again', async () => {
    const { desk, saves, answer } = around();
    desk.edit(titled('a'));
    await wait();
    await answer(new Problem('network', 'The server does not answer.'));
    expect(desk.state().save).toEqual({ kind: 'failed', why: 'The server does not answer.' });
    expect(desk.state().unsaved?.recipe.title).toBe('a');
    void desk.saveNow();
    expect(desk.state().save.kind).toBe('saving');
    expect(saves).toHaveLength(2);
    await answer();
    expect(desk.state().save.kind).toBe('saved');
  });

  it('is sent again, later and later, while the server is away, and the window says that it waits', async () => {
    const { desk, saves, answer } = around();
    desk.edit(titled('a'));
    await wait();
    await answer(new Away('The database does not answer.'));
    expect(whyWaiting()).toEqual({ says: 'The database does not answer.', loggedOut: false });
    for (const tries of [2, 3]) {
      await vi.advanceTimersByTimeAsync(5000);
      expect(saves).toHaveLength(tries);
      await answer(new Away('The database does not answer.'));
    }
    desk.edit(titled('b'));
    await wait();
    expect(saves.at(-1)?.work.recipe.title).toBe('ab');
    await answer();
    expect(desk.state()).toMatchObject({ save: { kind: 'saved' }, unsaved: null });
    expect(whyWaiting()).toBeUndefined();
  });

  it('whose answer was lost is known as its own, not as somebody else’s', async () => {
    const { desk, saver, saves, answer } = around();
    desk.edit(titled('a'));
    await wait();
    await answer(new Away('The server does not answer.'));
    desk.edit(titled('b'));
    await wait();
    // The first had arrived; its parts come back in the order the store keeps them.
    const arrived = saves[0]?.work.recipe as Recipe;
    const kept = Object.fromEntries(Object.entries(arrived).reverse()) as unknown as Recipe;
    await answer(new Stale('changed', { name: 'Mine', recipe: kept, revision: 2 }));
    await wait();
    expect(saver.revision).toBe(2);
    expect(saves.at(-1)?.work.recipe.title).toBe('ab');
    await answer();
    expect(desk.state().save.kind).toBe('saved');
  });

  it('goes out at once when the window closes, and only what the shelf has not got', async () => {
    const { desk, seen, answer } = around();
    desk.leave();
    expect(seen.left).toEqual([]);
    desk.edit(titled('a'));
    desk.leave();
    expect(seen.left.map(({ recipe }) => recipe.title)).toEqual(['a']);
    await vi.advanceTimersByTimeAsync(0);
    expect(desk.state().save.kind).toBe('saved');
    desk.edit(titled('b'));
    await wait();
    // It is on its way already.
    desk.leave();
    await answer();
    expect(seen.left).toHaveLength(1);
  });
});

describe('a reload', () => {
  it('brings back what the window had, with its history; what is done meanwhile is done after it', async () => {
    const { desk, present, saves } = around();
    const history = commit(begin(RECIPE), { ...RECIPE, title: 'kept' });
    const recalled = desk.recall(Promise.resolve({ name: 'As it was', history }));
    desk.edit(titled('!'));
    expect(present().title).toBe('');
    await recalled;
    expect(desk.state().name).toBe('As it was');
    expect(present().title).toBe('kept!');
    desk.undo();
    desk.undo();
    expect(present().title).toBe('');
    expect(saves).toEqual([]);
  });

  it('that finds nothing to read goes on from what the server sent', async () => {
    const { desk, present } = around();
    const recalled = desk.recall(Promise.reject(new Error('no such file')));
    desk.edit(titled('!'));
    await recalled;
    expect(present().title).toBe('!');
  });

  it('by itself is no change: nothing is saved, and nothing kept anew', async () => {
    const { desk, saves, seen } = around();
    await desk.recall(Promise.resolve({ name: 'As it was', history: begin(RECIPE) }));
    await wait();
    expect(saves).toEqual([]);
    expect(seen.kept).toEqual([]);
  });
});

describe('another window', () => {
  it('that this window itself had sent before it was loaded anew are no change of another', async () => {
    const { desk, saver, saves, answer } = around();
    saver.sentBefore = ({ name }) => name === THEIRS.name;
    desk.edit(titled('mine'));
    await wait();
    await answer(new Stale('changed', THEIRS));
    expect(desk.state().save.kind).not.toBe('stale');
    expect(saver.revision).toBe(THEIRS.revision);
    await wait();
    expect(saves.at(-1)?.work.recipe.title).toContain('mine');
  });

  const stale = async () => {
    const all = around();
    all.desk.edit(titled('mine'));
    await wait();
    await all.answer(new Stale('It was changed in another window.', THEIRS));
    return all;
  };

  it('that saved first is not saved over: it is said, and saving stops until it is settled', async () => {
    const { desk, saves, present } = await stale();
    expect(desk.state().save).toEqual({
      kind: 'stale',
      why: 'It was changed in another window.',
      theirs: THEIRS,
    });
    desk.edit(titled('!'));
    expect(desk.state().save.kind).toBe('stale');
    expect(present().title).toBe('mine!');
    await wait();
    expect(saves).toHaveLength(1);
  });

  it('mine kept: it is saved over theirs, with all that was edited since', async () => {
    const { desk, saver, saves, answer } = await stale();
    desk.edit(titled('!'));
    const settled = desk.settle('mine');
    await answer();
    await settled;
    expect(saver.revision).toBe(7);
    expect(saves.at(-1)?.work.recipe.title).toBe('mine!');
    expect(desk.state().save.kind).toBe('saved');
  });

  it('theirs taken: it stands here, mine can be had back by undo, and is kept nowhere else', async () => {
    const { desk, saver, saves, seen, present } = await stale();
    await desk.settle('theirs');
    expect(desk.state()).toMatchObject({ name: 'Theirs', save: { kind: 'saved' }, unsaved: null });
    expect(present().title).toBe('theirs');
    expect(saver.revision).toBe(7);
    expect(seen.copies).toEqual([]);
    await wait();
    expect(saves).toHaveLength(1);
    desk.undo();
    expect(present().title).toBe('mine');
  });

  it('both kept: mine as a sheet of its own, theirs here', async () => {
    const { desk, seen, present } = await stale();
    await desk.settle('both');
    expect(seen.copies.map(({ recipe }) => recipe.title)).toEqual(['mine']);
    expect(present().title).toBe('theirs');
  });

  it('deleted it: mine puts it back without a revision to go by', async () => {
    const { desk, saver, saves, answer } = around();
    desk.edit(titled('mine'));
    await wait();
    await answer(new Stale('It was deleted.', undefined));
    const settled = desk.settle('mine');
    await answer();
    await settled;
    expect(saver.revision).toBeUndefined();
    expect(saves).toHaveLength(2);
  });

  it('is not overwritten when this one closes unsettled: mine goes beside it, once', async () => {
    const { desk, seen } = await stale();
    desk.leave();
    desk.leave();
    await vi.advanceTimersByTimeAsync(0);
    expect(seen.copies.map(({ recipe }) => recipe.title)).toEqual(['mine']);
    expect(seen.left).toEqual([]);
  });

  it('whose sheet cannot be read here is not overwritten either', async () => {
    const { desk, answer } = around({ readTheirs: () => Promise.reject(new Error('no such file')) });
    desk.edit(titled('mine'));
    await wait();
    await answer(new Stale('It was changed in another window.', THEIRS));
    expect(desk.state().save).toEqual({ kind: 'failed', why: 'It was changed in another window.' });
  });
});

describe('letters that are not here yet', () => {
  function slowly() {
    const here = new Set<string>(['italic']);
    let done: (ok: boolean) => void = () => undefined;
    const fetch = ({ hand }: { hand: string }) =>
      new Promise<void>((fetched, fail) => {
        done = (ok) => {
          if (ok) here.add(hand);
          if (ok) fetched();
          else fail(new Error('offline'));
        };
      });
    const all = around({
      letters: { here: ({ hand }) => here.has(hand), fetch, named: ({ hand }) => handById(hand).name },
    });
    const come = async (ok: boolean) => {
      done(ok);
      await vi.advanceTimersByTimeAsync(0);
    };
    return { ...all, come };
  }
  const uncial = freshRecipe('uncial');

  it('are waited for, and what is done meanwhile is done to the sheet they came for', async () => {
    const { desk, present, come } = slowly();
    desk.edit(() => uncial);
    desk.edit(titled('!'));
    expect(present()).toBe(RECIPE);
    await come(true);
    expect(present()).toMatchObject({ hand: 'uncial', title: '!' });
  });

  it('that cannot be fetched are said, and what was done meanwhile is done to the sheet as it was', async () => {
    const { desk, present, come } = slowly();
    desk.edit(() => uncial);
    desk.edit(titled('!'));
    await come(false);
    expect(present()).toMatchObject({ hand: 'italic', title: '!' });
    expect(desk.state().refused?.problem.message).toMatch(/letters of Uncial could not be fetched/);
  });
});
