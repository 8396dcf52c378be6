import { describe, expect, it } from 'vitest';
import { line, stroke, to } from '../hand/notation';
import { compileStroke } from './stroke';
import { tracks } from './tracks';

describe('lines the points of a pen leave', () => {
  const pen = { kind: 'two-point', width: 1, line: 0, angle: 0 } as const;
  const apart = (nib?: number) => {
    const [one, other] = tracks(
      pen,
      compileStroke(stroke('stem', [to(0, 4), line(0, 0)], undefined, nib === undefined ? {} : { nib })),
    );
    return Math.abs((one?.[0]?.[0] ?? 0) - (other?.[0]?.[0] ?? 0));
  };

  it('lie as far apart as the pen is wide, and as another pen of the page is for its strokes', () => {
    expect(apart()).toBeCloseTo(1, 9);
    expect(apart(0.75)).toBeCloseTo(0.75, 9);
  });
});
