import { describe, expect, it } from 'vitest';
import { edgeInk } from '../../../tests/support/review/edgeInk';
import { numbersFrom } from '../measure/seeded';
import { emptyGrey, softened } from '../raster/grey';
import { edgeOf } from './chords';

const SIZE = { width: 220, height: 240 } as const;
/** Two stems and two diagonals, of which letters are made. */
const STROKES = [
  [
    [60, 40],
    [60, 200],
  ],
  [
    [150, 40],
    [140, 200],
  ],
  [
    [60, 190],
    [150, 60],
  ],
  [
    [70, 60],
    [180, 190],
  ],
] as const;

describe('the edge that wrote some ink', () => {
  it('is told by its chords within 3°, though it was held well off what is asked, nineteen times in twenty', () => {
    const chance = numbersFrom(7);
    const between = (low: number, high: number) => low + (high - low) * chance();
    const cases = Array.from({ length: 60 }, () => {
      const edge = { angle: between(22, 45), width: between(16, 30) };
      const found = edgeOf(softened(edgeInk(SIZE, edge, STROKES)), edge.angle + between(-12, 12), edge.width);
      return { off: Math.abs((found?.angle ?? 0) - edge.angle), wide: (found?.width ?? 0) / edge.width };
    });
    const right = cases.filter(({ off }) => off < 3);
    expect(right.length / cases.length).toBeGreaterThanOrEqual(0.95);
    for (const { wide } of right) {
      // Chords of one length within a tenth are counted as one: a little over the edge's own.
      expect(wide).toBeGreaterThan(0.96);
      expect(wide).toBeLessThan(1.1);
    }
  });

  it('is plain from strokes of several directions, and a guess from one stem', () => {
    const [stem] = STROKES;
    const edge = { angle: 40, width: 20 };
    const many = edgeOf(edgeInk(SIZE, edge, STROKES), 40, 20);
    const one = edgeOf(edgeInk(SIZE, edge, [stem]), 40, 20);
    expect(many?.plain ?? 0).toBeGreaterThan(0.1);
    expect(one?.plain ?? 1).toBeLessThan(many?.plain ?? 0);
  });

  it('is none of a white picture', () => {
    expect(edgeOf(emptyGrey(80, 80), 40, 20)).toBeUndefined();
  });
});
