import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { drawingBounds } from '@/core/drawing/bounds';
import { recipeTypeface } from '@/core/setting/settingFace';
import type { Typeface } from '@/core/type/face';
import { setLine } from '@/core/type/setLine';
import { alphabetRows, specimen } from '../../scripts/specimenPage';
import { SPECIMEN_WORDS } from '../../scripts/specimenWords';
import { DRAWN } from '../support/drawnHands';

/** How one letter leaves and the next is reached, for two neighbours as they are set. */
function classOf(face: Typeface, pair: string): string | undefined {
  const cuts = setLine(face, pair).placed.flatMap((item) => (item.kind === 'letter' ? [item.cut] : []));
  const [before, after] = cuts;
  return before && after && `${before.letter.exit?.kind ?? 'none'} → ${after.letter.entry?.kind ?? 'none'}`;
}

describe.each(DRAWN)('the specimen of %s', (hand) => {
  it('shows every way one letter joins another, in sixty words', () => {
    const recipe = freshRecipe(hand);
    const face = recipeTypeface({ ...recipe, writing: { ...recipe.writing, joined: true } }) as Typeface;
    const alphabet = [...'abcdefghijklmnopqrstuvwxyz'];
    const all = new Set(alphabet.flatMap((a) => alphabet.map((b) => classOf(face, a + b))));
    const shown = new Set(
      SPECIMEN_WORDS.flatMap((word) => [...word].slice(1).map((b, i) => classOf(face, `${word[i]}${b}`))),
    );
    all.delete(undefined);
    expect([...all].filter((join) => !shown.has(join))).toEqual([]);
    expect(SPECIMEN_WORDS).toHaveLength(60);
  });

  it('writes every letter on its page', () => {
    const recipe = freshRecipe(hand);
    const face = recipeTypeface(recipe) as Typeface;
    const drawing = specimen(recipe, alphabetRows(face));
    const forms = drawing.nodes.filter(({ kind }) => kind === 'form');
    expect(forms.length).toBeGreaterThanOrEqual(face.shapes.size);
    const ink = drawingBounds({ nodes: forms });
    expect(ink?.left).toBeGreaterThanOrEqual(0);
    expect(ink?.right).toBeLessThanOrEqual(drawing.width);
    expect(ink?.top).toBeGreaterThanOrEqual(0);
    expect(ink?.bottom).toBeLessThanOrEqual(drawing.height);
  });
});
