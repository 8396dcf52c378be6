import { describe, expect, it } from 'vitest';
import { type Letter, type Measures, USUAL } from '../../hand/letter';
import { measuresOf } from '../../hand/measures';
import { italic } from './hand';
import { italicJoin } from './joins';

const m: Measures = measuresOf(italic, {
  zones: italic.zones,
  penAngle: 45,
  slope: 6,
  pressed: { spread: 1, hairline: 0.1 },
});
const letter = (ports: Partial<Pick<Letter, 'entry' | 'exit'>>): Letter => ({
  text: 'x',
  variant: USUAL,
  family: 'straight',
  strokes: [],
  ...ports,
});
const foot = letter({ exit: { kind: 'diagonal', x: 1, y: 0.8, dir: 45 } });
const bar = letter({ exit: { kind: 'horizontal', x: 1, y: 4.6, dir: 0 } });
const stem = letter({ entry: { kind: 'springing', x: -0.5, y: 4, dir: 45 } });
const round = letter({ entry: { kind: 'round', x: -0.5, y: 3, dir: 90 } });

describe('a diagonal join of italic', () => {
  it('carries the exit on to the next letter, rising as it goes', () => {
    const plan = italicJoin(foot, stem, 3, m);
    expect(plan).toMatchObject({ name: 'join', remark: 'Carry the exit on.' });
    const [from, until] = plan?.knots ?? [];
    expect(from).toMatchObject({ x: 1, y: 0.8 });
    expect(until?.x).toBe(2.5);
    expect(until?.y).toBeGreaterThan(2);
    expect(until?.y).toBeLessThan(m.T);
  });

  it('is left out where the next letter stands too near, or so far that the hairline would pass the waistline', () => {
    expect(italicJoin(foot, stem, 1.5, m)).toBeUndefined();
    expect(italicJoin(foot, stem, 1.6, m)).toBeDefined();
    expect(italicJoin(foot, stem, 8, m)).toBeUndefined();
    // Its end may reach half the edge under the place of the pen at the waistline, and no more.
    const heights = [3, 4, 4.5, 5, 5.5].map((distance) => italicJoin(foot, stem, distance, m)?.knots[1]?.y);
    const reached = heights.filter((y) => y !== undefined);
    expect(reached.length).toBeGreaterThan(1);
    expect(reached.length).toBeLessThan(heights.length);
    expect(Math.max(...reached)).toBeLessThanOrEqual(m.T - m.half());
  });
});

describe('a horizontal join of italic', () => {
  it('runs level along the waistline, the pen flat, into a letter that springs', () => {
    const plan = italicJoin(bar, stem, 3, m);
    expect(plan).toMatchObject({ name: 'join', remark: 'Along the waistline.' });
    expect(plan?.knots.map(({ y }) => y)).toEqual([4.6, 4.6]);
    expect(plan?.knots[0]?.turn).toBeLessThan(0);
  });

  it('is left out before other letters, and where there is no room', () => {
    expect(italicJoin(bar, round, 3, m)).toBeUndefined();
    const nearest = Array.from({ length: 30 }, (_, i) => i / 10).find((d) => italicJoin(bar, stem, d, m));
    expect(nearest).toBeGreaterThan(0.5);
    expect(italicJoin(bar, stem, (nearest as number) - 0.1, m)).toBeUndefined();
  });

  it('needs both: an exit and an entry', () => {
    expect(italicJoin(undefined, stem, 3, m)).toBeUndefined();
    expect(italicJoin(foot, undefined, 3, m)).toBeUndefined();
    expect(italicJoin(stem, foot, 3, m)).toBeUndefined();
  });
});
