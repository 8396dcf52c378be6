import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '../document/defaults';
import { drawingBounds } from '../drawing/bounds';
import { group, rectangle, text } from '../drawing/build';
import type { DrawingNode, PathNode } from '../drawing/drawing';
import { loadAllScripts } from '../hands/scripts';
import { overALoad, wordsALoad } from './load';

beforeAll(loadAllScripts);

const nib = { kind: 'broad-nib', reservoir: false } as const;
const italic = freshRecipe('italic');
const black = '#000000';
/** A word of `width` mm, as a black box. */
const box = (width: number): DrawingNode => ({
  kind: 'path',
  commands: rectangle(0, 0, width, 10),
  fill: black,
});
const reds = (nodes: readonly DrawingNode[]) =>
  nodes.map((node) => Number.parseInt((node as PathNode).fill?.slice(1, 3) ?? '', 16));

describe('how often a load writes a word', () => {
  it('goes with the square of the pen: twice as wide, a quarter as often', () => {
    // The steel of the edge grows with it: else a narrow nib would lay a little more.
    const often = (width: number) =>
      wordsALoad({ ...italic, width, edge: width / 20 }, 'moon', nib, []) as number;
    expect(often(2) / often(4)).toBeCloseTo(4, 6);
    expect(often(1) / often(2)).toBeCloseTo(4, 6);
  });

  it('is half as often for a word twice as long, and more often with a reservoir', () => {
    const once = wordsALoad(italic, 'n', nib, []) as number;
    expect(once / (wordsALoad(italic, 'nn', nib, []) as number)).toBeCloseTo(2, 6);
    expect(wordsALoad(italic, 'n', { ...nib, reservoir: true }, [])).toBeGreaterThan(once);
  });

  it('is nothing for a pen that feeds itself', () => {
    for (const kind of ['felt-marker', 'plate-pen', 'fountain-pen', 'pencil'] as const) {
      expect(wordsALoad(italic, 'n', { kind, reservoir: null }, []), kind).toBeUndefined();
    }
  });
});

describe('a word over a load', () => {
  it('is repeated no oftener than the load writes it, stays on the line, and pales from word to word', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 80, noNaN: true }),
        fc.double({ min: 0.2, max: 40, noNaN: true }),
        fc.double({ min: 40, max: 250, noNaN: true }),
        (word, times, width) => {
          const written = overALoad(box(word), times, width, 5);
          expect(written.length).toBeLessThanOrEqual(Math.max(1, Math.floor(times)));
          expect(drawingBounds({ nodes: written })?.right).toBeLessThanOrEqual(Math.max(word, width) + 1e-9);
          const pale = reds(written);
          for (const [i, red] of pale.entries()) expect(red).toBeGreaterThanOrEqual(pale[i - 1] ?? 0);
        },
      ),
    );
    const [first, second] = reds(overALoad(box(10), 2, 200, 5));
    expect(first).toBe(0);
    // Half of the load is gone: half as pale as the palest.
    expect(second).toBe(64);
  });

  it('pales what stands in groups, and leaves words of a caption', () => {
    const caption = text(0, 5, 'moon', { size: 3, colour: black });
    const [, again] = overALoad(group('word', [box(10), caption]), 2, 200, 5);
    if (again?.kind !== 'group') throw new Error('the repeated word is no group');
    const [ink, said] = again.children;
    expect(reds([ink as DrawingNode])).toEqual([64]);
    expect(said).toMatchObject({ kind: 'text', colour: black });
  });
});
