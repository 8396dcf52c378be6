import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  angleForBarToStem,
  anglesForThickness,
  barThickness,
  dotHeight,
  stemThickness,
  strokeThickness,
  thinnestDirection,
} from './thickness';

const angle = fc.double({ min: 0, max: 90, noNaN: true });
const direction = fc.double({ min: -360, max: 360, noNaN: true });

describe('stroke thickness', () => {
  it.each([
    { penAngle: 45, stem: 0.71, bar: 0.71 },
    { penAngle: 30, stem: 0.87, bar: 0.5 },
    { penAngle: 15, stem: 0.97, bar: 0.26 },
    { penAngle: 60, stem: 0.5, bar: 0.87 },
  ])('at $penAngle° an upright stem is $stem W and a bar $bar W', ({ penAngle, stem, bar }) => {
    expect(stemThickness(1, penAngle, 0, 0)).toBeCloseTo(stem, 2);
    expect(barThickness(1, penAngle, 0)).toBeCloseTo(bar, 2);
  });

  it('narrows a stem that leans towards the edge', () => {
    expect(stemThickness(2, 45, 7, 0)).toBeCloseTo(2 * Math.cos((52 * Math.PI) / 180), 9);
  });

  it('along the edge is that of the steel', () => {
    expect(strokeThickness(2.4, 45, 45, 0.08)).toBeCloseTo(0.08, 9);
  });

  it('is the same there and back, and never more than W', () => {
    fc.assert(
      fc.property(angle, direction, (penAngle, theta) => {
        const there = strokeThickness(1, penAngle, theta, 0);
        expect(there).toBeCloseTo(strokeThickness(1, penAngle, theta + 180, 0), 9);
        expect(there).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('is thinnest along the edge', () => {
    fc.assert(
      fc.property(angle, (penAngle) => {
        expect(strokeThickness(1, penAngle, thinnestDirection(penAngle), 0)).toBeCloseTo(0, 9);
      }),
    );
  });
});

describe('inverses', () => {
  it('gives equal stem and bar at 45°', () => expect(angleForBarToStem(1)).toBeCloseTo(45, 9));

  it('gives the wanted ratio of bar to stem', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 10, noNaN: true }), (ratio) => {
        const penAngle = angleForBarToStem(ratio);
        expect(barThickness(1, penAngle, 0) / stemThickness(1, penAngle, 0, 0)).toBeCloseTo(ratio, 6);
      }),
    );
  });

  it('halves a vertical at 60° and 120°', () => {
    const [first, second] = anglesForThickness(90, 0.5, 0);
    expect(first).toBeCloseTo(60, 9);
    expect(second).toBeCloseTo(120, 9);
  });

  it('finds angles that really give the wanted thickness', () => {
    fc.assert(
      fc.property(direction, fc.double({ min: 0, max: 1, noNaN: true }), (theta, fraction) => {
        for (const penAngle of anglesForThickness(theta, fraction, 0)) {
          expect(strokeThickness(1, penAngle, theta, 0)).toBeCloseTo(fraction, 6);
        }
      }),
    );
  });
});

it('a dot stands its diagonal tall at 45° and its side at 0°', () => {
  expect(dotHeight(3, 45)).toBeCloseTo(3 * Math.SQRT2, 9);
  expect(dotHeight(3, 0)).toBeCloseTo(3, 9);
});
