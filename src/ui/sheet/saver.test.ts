import { afterEach, describe, expect, it, vi } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { differences } from '@/core/document/differences';
import { Stale } from '../lib/api';
import { Saver, saverOf } from './saver';

const recipe = freshRecipe('italic');
const work = (name: string) => ({ name, recipe });

/** A shelf of one sheet behind `fetch`, which refuses stale saves as the server does. */
function shelf(revision = 1) {
  const kept = { revision, names: [] as string[], fails: 0 };
  vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
    const { name, basedOn } = JSON.parse(body) as { name: string; basedOn?: number };
    await new Promise((done) => setTimeout(done, 5));
    if (kept.fails > 0) {
      kept.fails -= 1;
      throw new TypeError('no network');
    }
    if (basedOn !== undefined && basedOn !== kept.revision) {
      return Response.json(
        { error: { message: 'changed', theirs: { revision: kept.revision } } },
        { status: 409 },
      );
    }
    kept.revision += 1;
    kept.names.push(name);
    return Response.json({ revision: kept.revision });
  });
  return kept;
}

afterEach(() => vi.unstubAllGlobals());

describe('saves of one window', () => {
  it('go out one after the other, each based on the one before', async () => {
    const kept = shelf(4);
    const saver = new Saver('a', 4);
    await Promise.all(['one', 'two', 'three'].map((name) => saver.save(work(name))));
    expect(kept.names).toEqual(['one', 'two', 'three']);
    expect(saver.revision).toBe(7);
  });

  it('are refused once another window has saved, and only then', async () => {
    const kept = shelf();
    const [mine, theirs] = [new Saver('a', 1), new Saver('a', 1)];
    await mine.save(work('mine'));
    await expect(theirs.save(work('theirs'))).rejects.toBeInstanceOf(Stale);
    expect(kept.names).toEqual(['mine']);
    await mine.save(work('mine again'));
    expect(kept.names).toEqual(['mine', 'mine again']);
  });

  it('that failed can be tried again with the same revision', async () => {
    const kept = shelf();
    kept.fails = 1;
    const saver = new Saver('a', 1);
    await expect(saver.save(work('lost?'))).rejects.toThrow(/does not answer/);
    await saver.save(work('kept'));
    expect(kept.names).toEqual(['kept']);
  });

  it('are all kept when the window closes while one is on its way', async () => {
    const kept = shelf();
    const saver = new Saver('a', 1);
    const first = saver.save(work('typed'));
    const last = saver.leave(work('typed at last'));
    await Promise.all([first, last]);
    expect(kept.names).toEqual(['typed', 'typed at last']);
  });

  it('of a window that is loaded anew are known again by what was sent last', async () => {
    const store = new Map<string, string>();
    vi.stubGlobal('sessionStorage', {
      getItem: (key: string) => store.get(key) ?? null,
      setItem: (key: string, value: string) => store.set(key, value),
    });
    shelf();
    await new Saver('a', 1).leave(work('undone'));
    const anew = new Saver('a', 1);
    expect(anew.sentBefore(work('undone'))).toBe(true);
    expect(anew.sentBefore({ name: 'undone', recipe: { ...recipe, width: 9 } })).toBe(false);
  });

  it('know the latest revision of a sheet, whichever station asks', () => {
    const one = saverOf('shared', 3, false);
    expect(saverOf('shared', 2, false)).toBe(one);
    expect(one.revision).toBe(3);
    // A recipe in the address is no proof of having seen what is on the shelf now.
    expect(saverOf('shared', 9, true).revision).toBe(3);
    expect(saverOf('shared', 9, false).revision).toBe(9);
  });
});

describe('what differs between two windows', () => {
  it('is said in words, and nothing where nothing does', () => {
    expect(differences(recipe, structuredClone(recipe))).toEqual([]);
    expect(differences(recipe, { ...recipe, width: 3, tint: 'strong' })).toEqual([
      'the nib or shade',
      'the tint',
    ]);
  });
});
