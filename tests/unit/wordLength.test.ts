import { readFileSync } from 'node:fs';
import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { parseRecipe } from '@/core/document/recipe';
import { loadAllScripts } from '@/core/hands/scripts';
import { letterUnit, recipeTypeface } from '@/core/setting/settingFace';
import { exemplarLine } from '@/core/sheet/exemplarLine';
import { ruleSheet } from '@/core/sheet/rule';
import type { Sheet } from '@/core/sheet/sheet';
import { wordAlone } from '@/core/sheet/wordAlone';
import { inkedLength } from '@/core/writing/figure';
import { renderPng } from '@/render/png';
import { renderSvg } from '@/render/svg';
import { DRAWN } from '../support/drawnHands';
import { rastered } from '../support/rastered';

beforeAll(loadAllScripts);

const PX_PER_MM = 20;
const INKED = 250;

/** Breadth of the ink of a word on paper, in mm, read off pixels. */
function onPaper(recipe: Sheet): number {
  const drawing = wordAlone(recipe);
  const { pixels, width, height } = rastered(
    renderSvg(drawing),
    Math.round(drawing.width * PX_PER_MM),
    'white',
  );
  let [left, right] = [width, 0];
  for (let i = 0; i < width * height; i++) {
    if ((pixels[4 * i] as number) > INKED) continue;
    left = Math.min(left, i % width);
    right = Math.max(right, (i % width) + 1);
  }
  return (right - left) / PX_PER_MM;
}

const told = (recipe: Sheet): number => {
  const face = recipeTypeface(recipe);
  return face ? inkedLength(face.pen, exemplarLine(recipe, face)) * letterUnit(recipe) : 0;
};

describe('the length told of a word', () => {
  it('is that of its ink, however far it leans', () => {
    const recipe = parseRecipe(JSON.parse(readFileSync('tests/fixtures/word-length.json', 'utf8')));
    expect(told(recipe)).toBeCloseTo(112.45, 0);
    expect(Math.abs(told(recipe) - onPaper(recipe))).toBeLessThan(0.2);
  });

  it.each(DRAWN)('is that of its ink in %s', (hand) => {
    const recipe = { ...freshRecipe(hand), exemplar: hand === 'court' ? 'قمر' : 'flag gypsy' };
    expect(Math.abs(told(recipe) - onPaper(recipe))).toBeLessThan(0.25);
  });
});

describe('a text longer than a line', () => {
  it('of a hand written from the right begins every line at the right', () => {
    const recipe = { ...freshRecipe('court'), exemplar: 'نجم ليل سماء قمر نور نجم ليل سماء قمر نور' };
    const group = ruleSheet(recipe).nodes.find((node) => node.kind === 'group' && node.role === 'exemplar');
    if (group?.kind !== 'group') throw new Error('nothing was written');
    const forms = group.children.flatMap((node) => (node.kind === 'form' ? [node] : []));
    const unit = letterUnit(recipe);
    const lines = new Map<number, typeof forms>();
    for (const form of forms) {
      const line = Math.round(form.y / (8 * unit));
      lines.set(line, [...(lines.get(line) ?? []), form]);
    }
    const rights = [...lines.values()].map((line) => Math.max(...line.map(({ x }) => x)));
    expect(rights.length).toBeGreaterThan(1);
    const [first = 0] = rights;
    // The last letter of a word may begin a little further in, never at the other margin.
    for (const right of rights) expect(Math.abs(right - first)).toBeLessThan(40);
  });
});

describe('a PNG', () => {
  it('knows its size on paper', () => {
    const png = renderPng(wordAlone({ ...freshRecipe('italic'), exemplar: 'n' }), 300);
    const at = png.indexOf('pHYs');
    expect(at).toBeGreaterThan(0);
    expect(png.indexOf('IDAT')).toBeGreaterThan(at);
    expect(png.readUInt32BE(at + 4)).toBe(11811);
    expect(png.readUInt32BE(at + 8)).toBe(11811);
    expect(png.readUInt8(at + 12)).toBe(1);
  });
});
