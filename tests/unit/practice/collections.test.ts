import { describe, expect, it } from 'vitest';
import type { DrawingNode } from '@/core/drawing/drawing';
import { HANDS, handById } from '@/core/hands/registry';
import { alphabetBands, collectingBands } from '@/core/practice/collections';
import { type ComposedPage, compose } from '@/core/practice/compose';
import { groundOf } from '@/core/practice/ground';
import { samplesFor } from '@/core/practice/words/samples';
import { freshRecipe } from '@/core/sheet/defaults';
import { setLine } from '@/core/type/setLine';
import { usualFace } from '../../support/drawnHands';

/** The ink of a cell wherever it lies: what is filled and what is drawn, and with how many points. */
const inkIn = (nodes: readonly DrawingNode[]): string =>
  nodes
    .map((node) =>
      node.kind === 'group'
        ? inkIn(node.children)
        : node.kind === 'form'
          ? `${Object.keys(node.paint)} ${node.form.commands.length}`
          : node.kind,
    )
    .join(', ');

const ids = HANDS.map(({ id }) => id);
const cellsOf = (pages: readonly ComposedPage[]) =>
  pages.flatMap(({ laid }) => laid.flatMap(({ cells }) => cells));

describe.each(ids)('pages of one’s own shapes: %s', (id) => {
  const recipe = freshRecipe(id);
  const ground = groundOf(recipe, { size: 1, held: false });

  it('an alphabet shows every letter of the hand once, and is laid without complaint', () => {
    const bands = alphabetBands(ground);
    const shown = bands.flatMap(({ what }) => what.of.split(' '));
    expect(new Set(shown).size).toBe(shown.length);
    const { fold, rightToLeft } = handById(id);
    const wanted = rightToLeft ? 'ابجدرسصطعفكلمنهو' : fold === 'upper' ? 'AMZ' : 'amz';
    expect([...wanted].filter((letter) => !shown.includes(letter))).toEqual([]);
    const { remarks } = compose({ ...recipe, practice: { bands } });
    expect(remarks).toEqual([]);
  });

  it('a collecting page has a model, and cells to fill', () => {
    const { letter } = samplesFor(handById(id));
    const { pages, remarks } = compose({ ...recipe, practice: { bands: collectingBands(letter) } });
    expect(remarks).toEqual([]);
    const kinds = cellsOf(pages).map(({ kind }) => kind);
    expect(kinds.filter((kind) => kind === 'trace')).toHaveLength(1);
    expect(kinds.filter((kind) => kind === 'free').length).toBeGreaterThan(10);
  });
});

describe('doubled writing', () => {
  it('is traced in three steps: the first line, the second, and the filling', () => {
    const widths = (school: string) => {
      const recipe = { ...freshRecipe('monoline', school), practice: { bands: collectingBands('n') } };
      const bands = recipe.practice.bands.map((band) => ({ ...band, how: { ...band.how, trace: 3 } }));
      const cells = cellsOf(compose({ ...recipe, practice: { bands } }).pages);
      return cells.filter(({ kind }) => kind === 'trace').map(({ under }) => inkIn(under()));
    };
    expect(new Set(widths('doubled')).size).toBe(3);
    expect(new Set(widths('one-line')).size).toBe(1);
  });

  it('leaves its letters room: no two downstrokes touch, and every letter stands farther on', () => {
    const [doubled, plain] = [usualFace('monoline', true), usualFace('monoline', true, 'one-line')];
    for (const pair of ['ni', 'ml', 'ha', 'oo', 'uv'])
      expect(setLine(doubled, pair).width).toBeGreaterThan(setLine(plain, pair).width + 0.79);
  });
});

describe('shapes that take turns', () => {
  const recipe = freshRecipe('brush');
  const face = (mixed: boolean, variants: Record<string, string> = {}) =>
    groundOf({ ...recipe, writing: { ...recipe.writing, mixed, variants } }, { size: 1, held: false }).face;
  const shapesIn = (text: string, mixed: boolean, variants?: Record<string, string>) => {
    const written = face(mixed, variants);
    return written
      ? setLine(written, text).placed.flatMap((item) =>
          item.kind === 'letter' ? [`${item.cut.letter.text} ${item.cut.letter.variant}`] : [],
        )
      : [];
  };

  it('differ within a word, the same text always alike, and a chosen shape stays', () => {
    const once = shapesIn('kettle tallest', true);
    expect(shapesIn('kettle tallest', true)).toEqual(once);
    expect(once).not.toEqual(shapesIn('kettle tallest', false));
    const ts = once.filter((shape) => shape.startsWith('t '));
    expect(new Set(ts).size).toBeGreaterThan(1);
    const chosen = shapesIn('kettle tallest', true, { t: 'waved bar' });
    expect(chosen.filter((shape) => shape.startsWith('t ')).every((shape) => shape === 't waved bar')).toBe(
      true,
    );
  });
});
