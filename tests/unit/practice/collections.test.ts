import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { DrawingNode } from '@/core/drawing/drawing';
import { HANDS, handById } from '@/core/hands/registry';
import { bandOf } from '@/core/practice/bands/bandOf';
import { subjectsOf } from '@/core/practice/bands/partsOf';
import { alphabetBands, collectingBands } from '@/core/practice/collections';
import { type ComposedPage, compose } from '@/core/practice/compose';
import { groundOf } from '@/core/practice/ground';
import { samplesFor } from '@/core/practice/words/samples';
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

describe('shapes of a letter side by side', () => {
  const shown = (hand: string, letter: string) => {
    const ground = groundOf(freshRecipe(hand), { size: 1, held: false });
    return subjectsOf(ground, bandOf('b', 'shapes', letter), 150);
  };

  it('a hooked letter is practised with both heads and both closings, each dotted', () => {
    const { subjects } = shown('court', 'ج');
    expect(subjects.map(({ name }) => name)).toEqual([
      'ج, usual',
      'ج, thin head',
      'ج, curled',
      'ج, thin head and curl',
    ]);
    for (const { figure } of subjects) expect(figure.shapes.filter(({ marks }) => marks)).toHaveLength(1);
  });

  it('a brush has at least three of each letter people vary', () => {
    for (const letter of ['a', 'e', 'g', 'h', 'k', 'l', 'r', 's', 't', 'y'])
      expect(shown('brush', letter).subjects.length, letter).toBeGreaterThanOrEqual(3);
  });

  it('says so where the hand has no such letter', () => {
    expect(shown('brush', 'ж')).toMatchObject({ subjects: [], trouble: [expect.stringContaining('ж')] });
  });

  it('is laid on a page, guided together and a row for each', () => {
    const recipe = { ...freshRecipe('court'), practice: { bands: [bandOf('b', 'shapes', 'ج')] } };
    const { pages, remarks } = compose(recipe);
    expect(remarks).toEqual([]);
    const traced = cellsOf(pages).filter(({ kind }) => kind === 'trace');
    expect(traced.length).toBeGreaterThanOrEqual(4);
  });
});

describe('movement drills', () => {
  it.each(['push-pulls', 'running-ovals'])('%s are counted to eight and paced', (id) => {
    const ground = groundOf(freshRecipe('light-line'), { size: 1, held: false });
    const [subject] = subjectsOf(ground, bandOf('b', 'drill', id), 150).subjects;
    expect(subject?.figure.labels.map(({ text }) => text)).toEqual(['1', '2', '3', '4', '5', '6', '7', '8']);
    expect(subject?.remark).toContain('Count 1 to 8, 2 to a second: 4 s a run.');
    // Written without lifting and without pressure.
    const strokes = subject?.figure.shapes.flatMap(({ cut }) => cut.strokes) ?? [];
    expect(strokes).toHaveLength(1);
    expect(strokes[0]?.presses.every((press) => press === 0)).toBe(true);
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
