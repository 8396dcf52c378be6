import { line, to } from '@/core/hand/notation';
import type { Seen } from '@/core/kit/seen';
import type { Polygon } from '@/core/pen/pen';
import type { Knot } from '@/core/pen/stroke';
import { broad, PenPicture, point, spot, stem, written } from './penPicture';

const arch: Knot[] = [to(0, 1.5, 90), to(0.4, 3.4, 66), to(1.6, 4.6, 4), to(2.4, 3.6, -90), line(2.4, 0)];
const ring: Knot[] = [
  to(1.4, 4.8, 182),
  to(0, 2.5, -90),
  to(1.4, 0.2, 0),
  to(2.8, 2.5, 90),
  to(1.4, 4.8, 182),
];

/** A line of writing from afar, and the middle it should stand on. */
const afar = (y: number, from: number, to_: number): Polygon[] =>
  written({ kind: 'monoline', line: 0.55 }, [to(from, y), line(to_, y)]);

const PICTURES: Readonly<Record<Seen, () => Polygon[]>> = {
  'will not start': () => [
    ...written(broad(1), [to(0, 1.6), line(0, 0)]),
    ...spot(0, 4.6, 0.18),
    ...spot(0, 3.6, 0.2),
    ...spot(0.1, 2.6, 0.25),
  ],
  'two rails': () => written({ kind: 'two-point', width: 1, line: 0.14, angle: 0 }, stem(1, 1.4)),
  blob: () => [...written(broad(1), stem(1)), ...spot(1, 4.7, 2)],
  'ragged edge': () =>
    written(point, [
      to(1, 5, -90, { press: 0.7, anchor: 0 }),
      ...[4.4, 3.9, 3.3, 2.7, 2.2, 1.6, 1, 0.5].map((y, i) => line(1, y, { press: i % 2 ? 0.65 : 1 })),
      line(1, 0, { press: 0.7 }),
    ]),
  beads: () => [5, 3.9, 2.7, 1.2, 0.2].flatMap((y, i) => spot(1 + (i % 2) * 0.3, y, 0.5 + (i % 3) * 0.25)),
  skipping: () =>
    written(broad(1), [to(1, 5), line(1, 4)], [to(1, 3.2), line(1, 2.7)], [to(1, 1.6), line(1, 0)]),
  'no thick and thin': () => written({ kind: 'monoline', line: 0.6 }, ring),
  'heavy all over': () => written(broad(1.9), stem(0), arch),
  'black inside': () =>
    written(broad(1.5), [
      to(1.9, 4.4, 160),
      to(1.1, 4.6, 184),
      to(0.3, 3.6, -84),
      to(1, 2.5, -40),
      to(1.7, 1.4, -96),
      to(0.8, 0.4, 184),
      to(0, 0.6, 158),
    ]),
  'slope wanders': () => written(broad(0.8), stem(0, 0.9), stem(1.6, 0), stem(2.8, 1.4)),
  smears: () => [
    ...written(broad(1), stem(0.6)),
    ...written(
      { kind: 'monoline', line: 0.35 },
      [to(0.7, 3), line(3.2, 3.3)],
      [to(0.7, 2.2), line(2.9, 2.5)],
    ),
  ],
  'bleeds through': () => [
    ...written(broad(1), stem(0.4)),
    ...[
      [2.2, 4.3],
      [2.6, 3.3],
      [2.1, 2.4],
      [2.7, 1.5],
      [2.3, 0.6],
    ].flatMap(([x, y], i) => spot(x as number, y as number, 0.35 + (i % 3) * 0.2)),
  ],
  'ragged on one side': () => [
    ...written({ kind: 'monoline', line: 0.5 }, [to(0.9, 5), line(0.9, 0)]),
    ...[4.7, 4.1, 3.4, 2.8, 2, 1.4, 0.7].flatMap((y, i) => spot(1.3 + (i % 3) * 0.17, y, 0.45)),
  ],
  'line off centre': () => [
    ...afar(4.2, 0.2, 2.8),
    ...afar(2.6, 1.1, 3.7),
    ...afar(1, 0.6, 2.4),
    ...written({ kind: 'monoline', line: 0.1 }, [to(1.5, 5.4), line(1.5, -0.2)]),
  ],
  cramp: () =>
    written({ kind: 'monoline', line: 0.35 }, [
      to(1, 5),
      ...[4.5, 4.1, 3.5, 3, 2.3, 1.9, 1.2, 0.6, 0].map((y, i) => line(1 + (i % 2 ? -0.28 : 0.24), y)),
    ]),
};

/** A small picture of what goes wrong. */
export const TroubleDrawing = ({ seen }: { seen: Seen }) => <PenPicture ink={PICTURES[seen]()} />;
