import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Flow, type Part } from './flow';

const FRAMES = [
  { x: 10, y: 20, width: 80, height: 100 },
  { x: 100, y: 30, width: 80, height: 60 },
];
const part = (name: string, height: number, before = 5): Part<string> => ({
  height,
  before,
  lay: () => name,
});

describe('parts poured into frames', () => {
  it('stand one under the other, go on in the next frame, then on the next page', () => {
    const flow = new Flow<string>(FRAMES);
    flow.add([part('a', 40), part('b', 40), part('c', 40), part('d', 30)]);
    expect(flow.pages).toEqual([
      [
        { laid: 'a', box: { x: 10, y: 20, width: 80, height: 40 } },
        { laid: 'b', box: { x: 10, y: 65, width: 80, height: 40 } },
        { laid: 'c', box: { x: 100, y: 30, width: 80, height: 40 } },
      ],
      [{ laid: 'd', box: { x: 10, y: 20, width: 80, height: 30 } }],
    ]);
  });

  it('are filled up to the foot of the frame, and no farther', () => {
    const flow = new Flow<string>(FRAMES);
    flow.add([part('a', 40)], part('line', 10, 2));
    expect(flow.pages[0]?.map(({ laid }) => laid)).toEqual(['a', ...Array(5).fill('line')]);
  });

  it('never overlap, keep their order, and leave no frame unless they do not fit it', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ height: fc.integer({ min: 1, max: 60 }), before: fc.integer({ min: 0, max: 8 }) }),
          {
            maxLength: 40,
          },
        ),
        (sizes) => {
          const flow = new Flow<string>(FRAMES);
          flow.add(sizes.map(({ height, before }, i) => part(String(i), height, before)));
          const all = flow.pages.flat();
          expect(all.map(({ laid }) => laid)).toEqual(sizes.map((_, i) => String(i)));
          for (const [i, { box }] of all.entries()) {
            const frame = FRAMES.find(({ x }) => x === box.x);
            expect(frame).toBeDefined();
            if (!frame) continue;
            expect(box.y).toBeGreaterThanOrEqual(frame.y);
            expect(box.y + box.height).toBeLessThanOrEqual(frame.y + frame.height + 1e-6);
            const last = all[i - 1]?.box;
            if (!last) continue;
            const before = sizes[i]?.before ?? 0;
            if (last.x === box.x && box.y > frame.y)
              expect(box.y).toBeCloseTo(last.y + last.height + before, 9);
            else {
              // It began anew: under the last one there was no room.
              const left = FRAMES.find(({ x }) => x === last.x);
              const foot = (left?.y ?? 0) + (left?.height ?? 0);
              expect(last.y + last.height + before + box.height).toBeGreaterThan(foot);
            }
          }
        },
      ),
    );
  });
});
