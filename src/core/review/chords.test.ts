import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { edgeInk } from '../../../tests/support/review/edgeInk';
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
  it('is told by its chords, though it was held well off what is asked', () => {
    const edge = fc.record({
      angle: fc.double({ min: 22, max: 52, noNaN: true }),
      width: fc.double({ min: 16, max: 30, noNaN: true }),
      off: fc.double({ min: -12, max: 12, noNaN: true }),
    });
    fc.assert(
      fc.property(edge, ({ angle, width, off }) => {
        const ink = softened(edgeInk(SIZE, { angle, width }, STROKES));
        const found = edgeOf(ink, angle + off, width);
        expect(Math.abs((found?.angle ?? 0) - angle)).toBeLessThan(3);
        // Chords of one length within a tenth are counted as one: a little over the edge's own.
        expect((found?.width ?? 0) / width).toBeGreaterThan(0.96);
        expect((found?.width ?? 0) / width).toBeLessThan(1.1);
      }),
      { numRuns: 25 },
    );
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
