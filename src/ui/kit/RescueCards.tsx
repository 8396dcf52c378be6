import { line, to } from '@/core/hand/notation';
import type { ItemKind } from '@/core/kit/itemKinds';
import { type RescueId, rescuesFor } from '@/core/kit/rescues';
import type { Polygon } from '@/core/pen/pen';
import { Caution } from './Caution';
import { broad, PenPicture, spot, stem, written } from './penPicture';

interface Picture {
  readonly ink: readonly Polygon[];
  /** What is done about it. */
  readonly hand: readonly Polygon[];
}

const even = (width: number, ...points: readonly (readonly [number, number])[]): Polygon[] => {
  const [[x, y] = [0, 0], ...others] = points;
  return written({ kind: 'monoline', line: width }, [to(x, y), ...others.map(([x, y]) => line(x, y))]);
};
/** An arrow straight up from a place. */
const lift = (x: number, y: number): Polygon[] => [
  ...even(0.18, [x, y], [x, y + 1.6]),
  ...even(0.18, [x - 0.4, y + 1.1], [x, y + 1.7], [x + 0.4, y + 1.1]),
];
const rails = written({ kind: 'two-point', width: 1, line: 0.14, angle: 0 }, stem(1, 1.2));

const PICTURES: Readonly<Record<RescueId, () => Picture>> = {
  split: () => ({ ink: rails, hand: written(broad(0.7), stem(1, 1.2)) }),
  drop: () => ({
    ink: [...written(broad(1), stem(0.2)), ...spot(0.4, 0.6, 1.6)],
    hand: [
      [
        [0.7, 0.9],
        [3.2, 1.6],
        [2.4, 3.6],
      ],
      ...lift(3.4, 3.4),
    ],
  }),
  fibre: () => ({
    ink: [...even(0.35, [0.2, 5], [1.2, 0.4]), ...even(0.35, [2.2, 5], [1.2, 0.4])],
    hand: even(0.3, [-1, 2.4], [3.8, 3]),
  }),
  gap: () => ({
    ink: written(broad(1), [to(1, 5), line(1, 3.4)], [to(1, 1.6), line(1, 0)]),
    hand: written(broad(1), [to(1, 3.5), line(1, 1.5)]),
  }),
  wrong: () => ({
    ink: [...written(broad(1), stem(-0.2)), ...spot(1.6, 1.2, 0.9)],
    hand: [
      [
        [1.2, 0.6],
        [4, 3.4],
        [4.2, 3],
        [1.5, 0.4],
      ],
    ],
  }),
  feathering: () => ({
    ink: [
      ...written(broad(0.8), stem(0.4)),
      ...[4.6, 3.7, 2.9, 2, 1.2, 0.4].flatMap((y, i) => even(0.1, [0.4, y], [i % 2 ? -0.6 : 1.5, y + 0.5])),
    ],
    hand: [
      [
        [2, 0],
        [4.2, 0],
        [4.2, 1.5],
        [2, 1.5],
      ],
      ...even(0.3, [3.9, 4.6], [3, 1.6]),
    ],
  }),
  touched: () => ({
    ink: [
      ...written(broad(1), stem(0)),
      ...even(0.35, [0.1, 3], [2.6, 3.3]),
      ...even(0.35, [0.1, 2.2], [2.4, 2.4]),
    ],
    hand: [...spot(2.6, 1.2, 1.4), ...lift(3.8, 0.8)],
  }),
  line: () => ({ ink: even(0.16, [-1, 1], [4, 1]), hand: [...spot(1.4, 1.6, 1.6), ...lift(1.4, 2.8)] }),
};

/** What to do when something happens on the sheet: one step and one picture each, for what can happen with this tool. */
export function RescueCards({ kind }: { kind: ItemKind }) {
  return (
    <ul className="grid gap-2 lg:grid-cols-2">
      {rescuesFor(kind).map(({ id, name, what, why, not, caution }) => (
        <li key={id} className="flex gap-3 rounded border border-base-300 bg-base-100 p-3">
          <PenPicture {...PICTURES[id]()} />
          <div className="min-w-0 text-sm">
            <b className="block text-base">{name}</b>
            <p>{what}</p>
            <p className="opacity-80">{why}</p>
            {not && <p className="remark remark-warning mt-1">{not}</p>}
            {caution && <Caution id={caution} />}
          </div>
        </li>
      ))}
    </ul>
  );
}
