import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dotChains, rhombi } from './dotChains';

const length = fc.double({ min: 0.6, max: 9, noNaN: true });

describe('letters measured in dots', () => {
  it('are as many dots wide, tall and deep as their ink, to half a dot', () => {
    fc.assert(
      fc.property(length, length, length, (width, top, depth) => {
        const chains = dotChains({ left: -width, right: 0, top, bottom: -depth });
        const dots = Object.fromEntries(chains.map((chain) => [chain.towards, chain.dots]));
        expect(Math.abs((dots.right ?? 0) - width)).toBeLessThanOrEqual(0.25 + 1e-9);
        expect(Math.abs((dots.up ?? 0) - top)).toBeLessThanOrEqual(0.25 + 1e-9);
        expect(Math.abs((dots.down ?? 0) - depth)).toBeLessThanOrEqual(0.25 + 1e-9);
      }),
    );
  });

  it('stand clear of the ink, corner to corner', () => {
    const [width] = dotChains({ left: -3, right: 0, top: 2, bottom: -1 });
    const dots = width ? rhombi(width) : [];
    expect(dots).toHaveLength(3);
    expect(Math.max(...dots.flat().map(([, y]) => y))).toBeLessThan(-1);
    for (const [i, dot] of dots.entries()) {
      expect(dot[0]?.[0]).toBeCloseTo(-3 + i, 9);
      expect(dot[2]?.[0]).toBeCloseTo(-2 + i, 9);
    }
  });

  it('end in half a rhombus where the length ends in a half, and say nothing of what is not there', () => {
    const chains = dotChains({ left: 0, right: 2.5, top: 0.1, bottom: 0 });
    expect(chains.map(({ towards }) => towards)).toEqual(['right']);
    const last = rhombi(chains[0] as (typeof chains)[number]).at(-1);
    expect(last).toHaveLength(3);
    expect(Math.max(...(last ?? []).map(([x]) => x))).toBeCloseTo(2.5, 9);
  });
});
