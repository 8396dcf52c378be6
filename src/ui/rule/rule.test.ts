import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { inWords } from '@/core/measure/words';
import { stepZoom } from '../paper/zoom';
import { begin, commit, redo, undo } from '../sheet/history';
import { packRecipe } from '../sheet/recipeUrl';
import { unpackRecipe } from '../sheet/unpackRecipe';

describe('history', () => {
  it('undo takes back every edit and redo brings it again', () => {
    fc.assert(
      fc.property(fc.array(fc.integer(), { maxLength: 50 }), (edits) => {
        let history = begin(0);
        for (const edit of edits) history = commit(history, edit);
        const last = history.present;
        for (const _ of edits) history = undo(history);
        expect(history.present).toBe(0);
        expect(undo(history)).toEqual(history);
        for (const _ of edits) history = redo(history);
        expect(history.present).toBe(last);
        expect(redo(history)).toEqual(history);
      }),
    );
  });

  it('forgets what was undone once a new edit is made', () => {
    const history = commit(undo(commit(begin('a'), 'b')), 'c');
    expect(redo(history).present).toBe('c');
  });
});

describe('a recipe in the address', () => {
  it('comes back as it went in', () => {
    const recipe = freshRecipe('court');
    expect(unpackRecipe(packRecipe(recipe))).toEqual(recipe);
    expect(packRecipe(recipe)).toMatch(/^[\w+$-]+$/);
  });

  it.each([null, undefined, '', 'rubbish', 'N4Ig'.repeat(5000)])('%s is no recipe', (packed) => {
    expect(unpackRecipe(packed)).toBeUndefined();
  });
});

it('zoom steps go up and down and stop at the ends', () => {
  expect(stepZoom(1, 1)).toBeGreaterThan(1);
  expect(stepZoom(1, -1)).toBeLessThan(1);
  expect(stepZoom(100, 1)).toBe(stepZoom(50, 1));
});

it('numbers read as a scribe would say them', () => {
  expect([5, 4.5, 0.5, 2.37, 13].map(inWords)).toEqual(['five', 'four and a half', '0.5', '2.37', '13']);
});
