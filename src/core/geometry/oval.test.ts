import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toRadians } from '../measure/units';
import { ovalPoint, slantedOval } from './oval';

const oval = fc.record({
  slope: fc.double({ min: 20, max: 50, noNaN: true }),
  H: fc.double({ min: 1, max: 5, noNaN: true }),
  narrow: fc.double({ min: 0.2, max: 0.55, noNaN: true }),
});
const angle = fc.double({ min: 0, max: 360, noNaN: true });

describe('an oval on the slant', () => {
  it('is as high as it is asked, and as wide at its middle', () => {
    fc.assert(
      fc.property(oval, ({ slope, H, narrow }) => {
        const made = slantedOval(slope, 2, 3, H, narrow * H);
        const [top, foot] = [ovalPoint(made, 0), ovalPoint(made, 180)];
        expect(top.y).toBeCloseTo(3 + H, 9);
        expect(foot.y).toBeCloseTo(3 - H, 9);
        // At half its height it is 2q wide.
        const [left, right] = [ovalPoint(made, 90), ovalPoint(made, 270)];
        expect(left.y).toBeCloseTo(3, 9);
        expect(right.x - left.x).toBeCloseTo(2 * narrow * H, 6);
      }),
    );
  });

  it('is a true ellipse once it is sheared back to its slope: the same from its middle both ways', () => {
    fc.assert(
      fc.property(oval, angle, ({ slope, H, narrow }, psi) => {
        const made = slantedOval(slope, 0, 0, H, narrow * H);
        const here = ovalPoint(made, psi);
        const opposite = ovalPoint(made, psi + 180);
        expect(here.x + opposite.x).toBeCloseTo(0, 6);
        expect(here.y + opposite.y).toBeCloseTo(0, 6);
        // Its long axis lies on the slant: no point of it, leant, is farther out than the one on that line.
        const lean = Math.tan(toRadians(slope));
        const leant = (at: number) => {
          const { x, y } = ovalPoint(made, at);
          return { x: x + y * lean, y };
        };
        const far = Array.from({ length: 720 }, (_, i) => leant(i / 2)).reduce((a, b) =>
          Math.hypot(b.x, b.y) > Math.hypot(a.x, a.y) ? b : a,
        );
        const axis = Math.abs((Math.atan2(far.x, far.y) * 180) / Math.PI);
        expect(Math.min(Math.abs(axis - slope), Math.abs(180 - axis - slope))).toBeLessThan(1.5);
      }),
      { numRuns: 40 },
    );
  });

  it('is walked anticlockwise, or clockwise the same way back', () => {
    fc.assert(
      fc.property(oval, angle, ({ slope, H, narrow }, psi) => {
        const made = slantedOval(slope, 0, 0, H, narrow * H);
        const step = 0.01;
        const [a, b] = [ovalPoint(made, psi), ovalPoint(made, psi + step)];
        const went = (Math.atan2(b.y - a.y, b.x - a.x) * 180) / Math.PI;
        const off = (one: number, other: number) => Math.abs(((one - other + 540) % 360) - 180);
        expect(off(went, a.dir)).toBeLessThan(0.5);
        expect(off(ovalPoint(made, psi, true).dir, a.dir + 180)).toBeLessThan(1e-6);
      }),
    );
  });
});
