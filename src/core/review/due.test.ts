import { describe, expect, it } from 'vitest';
import type { Drawing, DrawingNode, PathCommand } from '../drawing/drawing';
import { printedLines } from './due';

const path = (commands: PathCommand[], width = 0.2): DrawingNode => ({
  kind: 'path',
  commands,
  stroke: { colour: '#888', width },
});
const group = (role: string, ...children: DrawingNode[]): DrawingNode => ({ kind: 'group', role, children });
const page = (...nodes: DrawingNode[]): Drawing => ({ title: '', width: 100, height: 100, nodes });

describe('lines that are printed under writing', () => {
  it('are the straight ones of the ruling, however deep they lie, each with its width', () => {
    const drawing = page(
      group(
        'ruling',
        group(
          'baseline',
          path([
            ['M', 10, 20],
            ['L', 90, 20],
          ]),
        ),
        path(
          [
            ['M', 10, 30],
            ['L', 50, 30],
            ['L', 50, 60],
          ],
          0.4,
        ),
      ),
    );
    expect(printedLines(drawing)).toEqual([
      { x1: 10, y1: 20, x2: 90, y2: 20, width: 0.2 },
      { x1: 10, y1: 30, x2: 50, y2: 30, width: 0.4 },
      { x1: 50, y1: 30, x2: 50, y2: 60, width: 0.4 },
    ]);
  });

  it('are not the letters of models, the gauge, or what is filled', () => {
    const filled: DrawingNode = {
      kind: 'path',
      commands: [
        ['M', 0, 0],
        ['L', 9, 0],
      ],
      fill: '#000',
    };
    expect(
      printedLines(
        page(
          group(
            'letters',
            path([
              ['M', 0, 0],
              ['L', 9, 9],
            ]),
          ),
          group(
            'gauge',
            path([
              ['M', 0, 0],
              ['L', 9, 9],
            ]),
          ),
          group('ruling', filled),
          path([
            ['M', 0, 0],
            ['L', 9, 9],
          ]),
        ),
      ),
    ).toEqual([]);
  });
});
