import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { drawingBounds } from '@/core/drawing/bounds';
import type { DrawingNode } from '@/core/drawing/drawing';
import { textWidth } from '@/core/drawing/textWidth';
import { HANDS, handById } from '@/core/hands/registry';
import { loadAllScripts } from '@/core/hands/scripts';
import { pageBoxes } from '@/core/page/boxes';
import { headline } from '@/core/sheet/headline';
import { remarks } from '@/core/sheet/remarks';
import { ruleSheet } from '@/core/sheet/rule';

beforeAll(loadAllScripts);

const partOf = (nodes: readonly DrawingNode[], role: string): readonly DrawingNode[] =>
  nodes.flatMap((node) =>
    node.kind === 'group' ? (node.role === role ? node.children : partOf(node.children, role)) : [],
  );

const textsOf = (nodes: readonly DrawingNode[]) =>
  nodes.flatMap((node) => (node.kind === 'text' ? [node] : []));

describe('the pen-angle gauge', () => {
  const broad = HANDS.filter(({ penAngle }) => penAngle !== null).map(({ id }) => id);

  it.each(broad)('of %s can be read: no figure stands on another or on a ray of another', (id) => {
    for (const { id: school } of handById(id).schools) {
      const nodes = partOf(ruleSheet(freshRecipe(id, school)).nodes, 'gauge');
      const boxes = textsOf(nodes).map(({ x, y, size, text }) => ({
        text,
        left: x,
        right: x + textWidth(text, size),
        top: y - 0.75 * size,
        bottom: y,
      }));
      const own = freshRecipe(id, school).penAngle;
      expect(boxes[0]?.text).toBe(`${own}°`);
      for (const [i, one] of boxes.entries()) {
        for (const other of boxes.slice(i + 1)) {
          const apart =
            one.right < other.left ||
            other.right < one.left ||
            one.bottom < other.top ||
            other.bottom < one.top;
          expect(apart, `${school}: ${one.text} and ${other.text}`).toBe(true);
        }
      }
      const turned = Object.values(handById(id).turns).filter(({ where }) => where !== undefined);
      for (const { angle } of turned) expect(boxes.map(({ text }) => text)).toContain(`${angle}°`);
    }
  });
});

describe('aids on small paper', () => {
  const small = (width: number, height: number, hand = 'uncial') => {
    const recipe = freshRecipe(hand);
    const margins = { top: 5, right: 5, bottom: 5, left: 5 };
    return {
      ...recipe,
      width: 1.5,
      given: { width: 1.5, body: recipe.zones.body },
      paper: { ...recipe.paper, format: 'custom' as const, width, height, margins },
    };
  };

  it.each([
    [50, 90],
    [60, 100],
    [74, 105],
    [90, 55],
    [148, 210],
  ])('of %d × %d mm yield to the writing in their order, and say that they do', (width, height) => {
    const recipe = small(width, height);
    const { block, aids, yielded } = pageBoxes(recipe);
    expect(block.width).toBeGreaterThanOrEqual(0.6 * (width - 10));
    expect(block.height).toBeGreaterThanOrEqual(0.55 * (height - 10));
    const told = remarks(recipe).some(({ text }) => /way for the writing/.test(text));
    expect(told).toBe(yielded.length > 0);
    if (!aids.letters) expect(aids.gauge).toBe(false);
    const drawn = ruleSheet(recipe);
    expect(partOf(drawn.nodes, 'gauge').length > 0).toBe(aids.gauge);
    expect(partOf(drawn.nodes, 'zone-letters').length > 0).toBe(aids.letters);
    const bounds = drawingBounds(drawn);
    expect(bounds?.right).toBeLessThanOrEqual(width);
    expect(bounds?.bottom).toBeLessThanOrEqual(height);
  });

  it('a large sheet keeps them all', () => {
    for (const { id } of HANDS) expect(pageBoxes(freshRecipe(id)).yielded, id).toEqual([]);
  });

  it('a header says whole parts, and ends with none begun', () => {
    for (const { id } of HANDS) {
      const recipe = small(50, 90, id);
      const told = textsOf(partOf(ruleSheet(recipe).nodes, 'header'))
        .map(({ text }) => text)
        .join(' ');
      expect(told).not.toMatch(/·\s*$|…/);
      expect(headline(recipe).startsWith(told.split(' · ')[0] ?? '')).toBe(true);
    }
  });
});

describe('the head of a page', () => {
  it('names the hand once, in a title or by itself', () => {
    for (const { id, name } of HANDS) {
      const times = (title: string) => headline({ ...freshRecipe(id), title }).split(name).length - 1;
      expect(times(''), id).toBe(1);
      expect(times(`A first page of ${name}`), id).toBe(1);
      expect(times('Asta Brell'), id).toBe(1);
    }
  });
});
