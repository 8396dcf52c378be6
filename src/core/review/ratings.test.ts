import { describe, expect, it } from 'vitest';
import type { FigureId } from './figures/registry';
import { ratedBy } from './ratings';
import type { ReviewFigure, ReviewRow } from './review';

const BODY = 12;
const figure = (id: FigureId, value: number, asked: number | null = 0): ReviewFigure => ({
  id,
  value,
  asked,
  error: 0.1,
  count: 20,
});
const row = (text: string, letters: number, fault?: ReviewRow['faults'][number]['fault']): ReviewRow => ({
  text,
  baseline: 500,
  body: 120,
  from: 200,
  to: 1800,
  letters: Array.from({ length: letters }, (_, i) => ({
    box: [200 + 100 * i, 400, 80, 120],
    off: 0.2,
    angle: null,
    slope: null,
  })),
  faults: fault ? [{ fault, score: 2, value: 1, letters }] : [],
});
const rated = (...figures: ReviewFigure[]) =>
  Object.fromEntries(ratedBy(figures, [], BODY).map(({ criterion, rating }) => [criterion, rating]));

describe('ratings of what was measured', () => {
  it.each([
    ['angle', 45, 47, 50, 52],
    ['parallels', 0, 1.4, 2.9, 3.1],
  ] as const)(
    '%s: right, near and off by how far it is from what is asked',
    (id, asked, right, near, off) => {
      const of = (value: number) => rated(figure(id, value, asked))[id];
      expect([of(right), of(near), of(off)]).toEqual(['right', 'near', 'off']);
      // As far to the other side is as bad.
      expect(of(2 * asked - off)).toBe('off');
    },
  );

  it('of feet are by the body: what is much at 3 mm is little at 12', () => {
    const feet = [figure('feet', 0.3)];
    expect(ratedBy(feet, [], 12)).toEqual([{ criterion: 'feet', rating: 'right' }]);
    expect(ratedBy(feet, [], 3)).toEqual([{ criterion: 'feet', rating: 'off' }]);
  });

  it('of slope are by its worst: how it leans, or how it wanders', () => {
    expect(rated(figure('slope', 7, 6), figure('slopeSpread', 1, null))).toEqual({ slope: 'right' });
    expect(rated(figure('slope', 7, 6), figure('slopeSpread', 6, null))).toEqual({ slope: 'off' });
    expect(rated(figure('slope', 7, 6))).toEqual({});
  });

  it('of spacing are the white between letters against that inside them, not either alone', () => {
    const wide = 0.2 * BODY;
    expect(rated(figure('inside', wide), figure('between', wide))).toEqual({ spacing: 'right' });
    expect(rated(figure('inside', 0), figure('between', wide))).toEqual({ spacing: 'off' });
  });

  it('of counters are by their white where it was measured, else by the letters’ widths', () => {
    expect(rated(figure('width', 1.2, 1))).toEqual({ counters: 'off' });
    expect(rated(figure('width', 1.2, 1), figure('counter', 1.02, 1))).toEqual({ counters: 'right' });
  });

  it('of shades are by tops or rails, whichever is worse', () => {
    expect(rated(figure('tops', 0.1), figure('rails', 0.6))).toEqual({ shades: 'off' });
    expect(rated(figure('tops', 0.4))).toEqual({ shades: 'near' });
  });

  it('of joints are off where strokes of a row do not meet, and unsaid where nothing was written', () => {
    expect(ratedBy([], [row('n', 6)], BODY)).toEqual([{ criterion: 'joints', rating: 'right' }]);
    expect(ratedBy([], [row('n', 6), row('h', 5, 'strokes apart')], BODY)).toEqual([
      { criterion: 'joints', rating: 'off' },
    ]);
    expect(ratedBy([], [row('n', 1)], BODY)).toEqual([]);
  });
});
