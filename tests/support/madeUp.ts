import { broad } from '@/core/hand/bases/broad';
import { shareOfBody } from '@/core/hand/bases/shared';
import { defineHand } from '@/core/hand/define';
import type { Hand } from '@/core/hand/hand';
import type { Measures } from '@/core/hand/letter';
import { family, line, type Run, type Shapes, stroke, to } from '@/core/hand/notation';
import type { Script } from '@/core/hand/script';

/** White as any edge hand might have it, and no join. */
const PLAIN: Omit<Script, 'letters'> = {
  spacing: { white: 0.3, capitalWhite: 0.4, depth: 1, leastGap: 0.3, clear: 0.3, wordSpace: 0.5 },
  kerning: [],
  join: () => undefined,
};

/** A script of shapes made up for a test. */
export const scriptOf = (shapes: (m: Measures) => Shapes, more: Partial<Script> = {}): Script => ({
  ...PLAIN,
  letters: (m) => family('all', shapes(m)),
  ...more,
});

/** A hand of the edge made up for a test, with whatever is told of it. */
export const madeUpHand = (script: Script | undefined, more: Partial<Hand> = {}): Hand =>
  defineHand(broad, {
    id: 'made-up',
    name: 'Made up',
    zones: { body: 5, ascender: 3, descender: 2.5, capital: 0, gap: 1, branch: null, smallCapital: null },
    weight: { low: 4, high: 6 },
    capitals: null,
    width: 2,
    penAngle: { usual: 35, range: { low: 20, high: 50 } },
    slope: { usual: 0, range: { low: 0, high: 10 } },
    breadth: shareOfBody(0.6),
    families: [{ name: 'all', case: 'small', drill: 'arches' }],
    schools: [{ id: 'only', name: 'the only one', remark: '', set: {} }],
    remarks: [],
    ...(script && { script: () => Promise.resolve(script) }),
    ...more,
  });

/** A stem at x, and nothing else. */
export const stem = ({ T, B }: Measures, x: number): Run => [to(x, T, -90), line(x, B)];

/** Letters i, n and o of the simplest kind. */
export const threeLetters = (m: Measures): Shapes => {
  const { T, B, X, d } = m;
  return {
    i: [stroke('stem', stem(m, 0), 'Straight down.'), stroke('dot', [to(-0.1, X + 1.2), line(0.2, X + 0.9)])],
    n: [
      stroke('stem', stem(m, 0)),
      stroke(
        'arch',
        [to(0, 0.5 * X, 90), to(d / 2, T, 0), to(d, 0.5 * X, -90), line(d, B)],
        'Up inside the stem and over.',
      ),
    ],
    o: [
      stroke('left side', [to(d / 2, T, 180), to(0, X / 2, -90), to(d / 2, B, 0)]),
      stroke('right side', [to(d / 2, T, 0), to(d, X / 2, -90), to(d / 2, B, 180)]),
    ],
  };
};
