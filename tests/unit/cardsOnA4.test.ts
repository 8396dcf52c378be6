import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawingBounds } from '@/core/drawing/bounds';
import type { Drawing } from '@/core/drawing/drawing';
import { copiesOnLarge, largeFor, onLarge, placesOn } from '@/core/page/imposition';

const blank = (width: number, height: number, title = 'card'): Drawing => ({
  width,
  height,
  title,
  nodes: [],
});

describe('small sheets on A4', () => {
  it('stand in the orientation that holds more, inside what can be printed; larger ones stay as they are', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 320 }), fc.integer({ min: 30, max: 320 }), (width, height) => {
        const small = { width, height };
        const large = largeFor(small);
        if (!large) {
          const pages = onLarge({ count: 1, page: () => blank(width, height) });
          expect(pages.page(0)).toMatchObject(small);
          return;
        }
        const turned = { width: large.height, height: large.width };
        const places = placesOn(large, small);
        const fits = small.width + 17 <= turned.width && small.height + 17 <= turned.height;
        if (fits) expect(places.length).toBeGreaterThanOrEqual(placesOn(turned, small).length);
        for (const { x, y } of places) {
          expect(Math.min(x, y)).toBeGreaterThanOrEqual(5 - 1e-9);
          expect(x + width).toBeLessThanOrEqual(large.width - 5);
          expect(y + height).toBeLessThanOrEqual(large.height - 5);
        }
      }),
    );
  });

  it('one page is repeated, several are each printed once, in order', () => {
    const one = onLarge({ count: 1, page: () => blank(90, 55) });
    expect(one.count).toBe(1);
    const marks = (drawing: Drawing) => JSON.stringify(drawing.nodes).match(/cut-marks/g)?.length;
    expect(marks(one.page(0))).toBe(1);
    const copies: number[] = [];
    const small = blank(90, 55);
    onLarge({
      count: 1,
      page: (_, copy) => {
        copies.push(copy);
        return small;
      },
    }).page(0);
    // Each copy is asked for by its number, so that it can have a code of its own.
    expect([...new Set(copies)]).toEqual(Array.from({ length: copiesOnLarge(small) }, (_, i) => i));
    const asked: number[] = [];
    const many = onLarge({
      count: 11,
      page: (index) => {
        asked.push(index);
        return blank(90, 55, `page ${index}`);
      },
    });
    expect(many.count).toBe(2);
    asked.length = 0;
    for (let i = 0; i < many.count; i++) {
      const bounds = drawingBounds(many.page(i));
      expect(bounds?.right).toBeLessThanOrEqual(many.page(i).width);
    }
    expect([...new Set(asked)].sort((a, b) => a - b)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
  });
});
