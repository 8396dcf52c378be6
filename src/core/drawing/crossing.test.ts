import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { group, rectangle, segments, text } from './build';
import { crosses, meets } from './crossing';
import type { DrawingNode } from './drawing';

const BOX = { x: 10, y: 20, width: 8, height: 6 };
const line = (...ends: [number, number, number, number]): DrawingNode =>
  segments([ends], { colour: '#000000', width: 0.2 });
const place = fc.double({ min: -40, max: 60, noNaN: true });

describe('what is drawn', () => {
  it('touches a box where some point of it lies in the box, and only there', () => {
    fc.assert(
      fc.property(place, place, place, place, (x1, y1, x2, y2) => {
        // Points close together along the line; one that only grazes a corner may be missed by them, not found by mistake.
        const inside = (grow: number) =>
          Array.from({ length: 2001 }, (_, i) => i / 2000).some((t) => {
            const [x, y] = [x1 + (x2 - x1) * t, y1 + (y2 - y1) * t];
            return (
              x >= BOX.x - grow &&
              x <= BOX.x + BOX.width + grow &&
              y >= BOX.y - grow &&
              y <= BOX.y + BOX.height + grow
            );
          });
        const found = crosses(line(x1, y1, x2, y2), [BOX]);
        if (inside(-0.1)) expect(found).toBe(true);
        if (!inside(0.1)) expect(found).toBe(false);
      }),
    );
  });

  it('touches it in groups, among several boxes, and not where the pen is only lifted over it', () => {
    const far = { x: 100, y: 100, width: 1, height: 1 };
    expect(crosses(group('a', [group('b', [line(0, 23, 40, 23)])]), [far, BOX])).toBe(true);
    expect(crosses(line(0, 23, 40, 23), [far])).toBe(false);
    const round: DrawingNode = {
      kind: 'path',
      commands: rectangle(0, 0, 60, 60),
      stroke: { colour: '#000000', width: 0.2 },
    };
    expect(crosses(round, [BOX])).toBe(false);
    expect(
      crosses(
        segments(
          [
            [0, 0, 5, 5],
            [40, 40, 50, 50],
          ],
          { colour: '#000000', width: 0.2 },
        ),
        [BOX],
      ),
    ).toBe(false);
  });

  it('counts words by the box that holds them', () => {
    const word = (x: number, y: number) => text(x, y, 'guide', { size: 3, colour: '#000000' });
    expect(crosses(word(9, 24), [BOX])).toBe(true);
    expect(crosses(word(9, 40), [BOX])).toBe(false);
    expect(meets({ left: 0, right: 10, top: 0, bottom: 30 }, BOX)).toBe(false);
    expect(meets({ left: 0, right: 10.1, top: 0, bottom: 30 }, BOX)).toBe(true);
  });
});
