import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawingBounds } from './bounds';
import type { Drawing, DrawingNode, Form } from './drawing';
import { mirrored, movedBy } from './move';

const WIDTH = 100;
const mm = fc.integer({ min: 0, max: WIDTH });
const width = fc.integer({ min: 0, max: 40 }).map((tenths) => tenths / 10);
const form: Form = {
  commands: [['M', -1, -2], ['L', 3, 1], ['Z']],
};
const path = fc.tuple(mm, mm, mm, mm, width).map(
  ([x, y, x2, y2, wide]): DrawingNode => ({
    kind: 'path',
    commands: [['M', x, y], ['C', x, y2, x2, y2, x2, y], ['L', x, y2], ['Z']],
    stroke: { colour: '#000', width: wide },
  }),
);
const shape = fc
  .tuple(mm, mm, fc.integer({ min: 1, max: 5 }))
  .map(([x, y, scale]): DrawingNode => ({ kind: 'form', form, x, y, scale, paint: { fill: '#000' } }));
const text = fc.tuple(mm, mm, fc.constantFrom('start' as const, 'middle' as const, 'end' as const)).map(
  ([x, y, anchor]): DrawingNode => ({
    kind: 'text',
    x,
    y,
    text: 'dome',
    size: 4,
    anchor,
    style: 'regular',
    colour: '#000',
  }),
);
const node: fc.Arbitrary<DrawingNode> = fc.oneof(
  path,
  shape,
  text,
  fc
    .array(fc.oneof(path, shape, text), { minLength: 1, maxLength: 3 })
    .map((children): DrawingNode => ({ kind: 'group', role: 'some', children })),
);
const nodes = fc.array(node, { minLength: 1, maxLength: 4 });
const page = (of: readonly DrawingNode[]): Drawing => ({ width: WIDTH, height: 100, title: '', nodes: of });
const box = (of: readonly DrawingNode[]) => {
  const found = drawingBounds(page(of));
  if (!found) throw new Error('something is drawn');
  return found;
};
const near = (value: number) => expect.closeTo(value, 6);

describe('the box of a drawing', () => {
  it('goes with it when it is moved', () => {
    fc.assert(
      fc.property(nodes, mm, mm, (all, dx, dy) => {
        const { left, top, right, bottom } = box(all);
        expect(box(all.map((one) => movedBy(one, dx, dy)))).toEqual({
          left: near(left + dx),
          top: near(top + dy),
          right: near(right + dx),
          bottom: near(bottom + dy),
        });
      }),
    );
  });

  it('is seen from behind where it stands from before, as wide, lettering too', () => {
    fc.assert(
      fc.property(nodes, (all) => {
        const { left, top, right, bottom } = box(all);
        expect(box(mirrored(page(all)).nodes)).toEqual({
          left: near(WIDTH - right),
          top: near(top),
          right: near(WIDTH - left),
          bottom: near(bottom),
        });
      }),
    );
  });

  it('holds half the width of its lines, and is none where nothing is drawn', () => {
    const line: DrawingNode = {
      kind: 'path',
      commands: [
        ['M', 10, 20],
        ['L', 30, 20],
      ],
      stroke: { colour: '#000', width: 4 },
    };
    expect(box([line])).toEqual({ left: 8, top: 18, right: 32, bottom: 22 });
    expect(drawingBounds(page([]))).toBeUndefined();
    expect(drawingBounds(page([{ kind: 'group', role: 'none', children: [] }]))).toBeUndefined();
  });
});

describe('a drawing seen from behind', () => {
  it('seen from behind again is as it was, but for forms, which are paths then', () => {
    fc.assert(
      fc.property(fc.array(fc.oneof(path, text), { minLength: 1, maxLength: 4 }), (all) => {
        expect(mirrored(mirrored(page(all)))).toEqual(page(all));
      }),
    );
    const [turned] = mirrored(
      page([{ kind: 'form', form, x: 10, y: 10, scale: 2, paint: { fill: '#000' } }]),
    ).nodes;
    expect(turned).toEqual({
      kind: 'path',
      commands: [['M', WIDTH - 8, 6], ['L', WIDTH - 16, 12], ['Z']],
      fill: '#000',
    });
  });
});
