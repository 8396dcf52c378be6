import { expect, it } from 'vitest';
import { ROW_FAULTS, type RowFault } from '@/core/faults/faults';
import { FIGURE_IDS, type FigureId } from '@/core/review/figures/registry';
import { remarksOn } from '@/core/review/remarks';
import type { ReviewFigure, ReviewRow } from '@/core/review/review';

const known = {
  nib: 2.4,
  pressed: false,
  body: 12,
  upper: 'waistline' as const,
  slopeLines: true,
  gauge: true,
  figures: [],
  rows: [],
};

/** What is asked of a figure, its error, and values that are off one way and the other. */
const FIGURES: Readonly<
  Record<FigureId, readonly [asked: number | null, error: number, ...values: number[]]>
> = {
  angle: [45, 2, 36, 52],
  angleSpread: [null, 2, 5],
  nib: [2.4, 0.1, 2.05, 2.8],
  slope: [6, 1.5, 1, 12],
  slopeSpread: [null, 2, 4.5],
  body: [12, 0.3, 11, 13.2],
  heads: [0, 0.4, -1, 1],
  feet: [0, 0.4, -0.9, 0.9],
  sinking: [0, 0.5, 1.5, -1.5],
  weight: [1, 0.08, 0.8, 1.2],
  evenness: [null, 0.05, 0.16],
  width: [1, 0.08, 0.8, 1.2],
  counter: [1, 0.1, 0.7, 1.3],
  parallels: [0, 1.2, 5],
  hairline: [1, 0.25, 0.6, 1.8],
  contrast: [1, 0.25, 0.6, 1.8],
  inside: [0, 0.2],
  between: [0, 0.2],
  stride: [5, 0.4, 4, 6],
  lines: [1, 0.02, 0.9, 1.12],
  rails: [0, 0.1, 0.4],
  tops: [0, 0.2, 0.9],
  ragged: [0, 0.01, 0.06],
};
const figure = (id: FigureId, value: number): ReviewFigure => {
  const [asked, error] = FIGURES[id];
  return { id, value, asked, error, count: 30 };
};
const row = (text: string, fault: RowFault): ReviewRow => ({
  text,
  baseline: 300,
  body: 120,
  from: 200,
  to: 1800,
  letters: [],
  faults: [{ fault, score: 3, value: 1, letters: 7 }],
});
const said = (...[findings]: Parameters<typeof remarksOn>): string =>
  remarksOn(findings)
    .map(({ text, cure, go }) => [`  ${text}`, ...(cure ? [`    ${cure} (${go})`] : [])].join('\n'))
    .join('\n') || '  nothing';

it('remarks are worded as was approved', async () => {
  const figures = FIGURE_IDS.flatMap((id) =>
    FIGURES[id]
      .slice(2)
      .map((value) => `${id} ${value}\n${said({ ...known, figures: [figure(id, value ?? 0)] })}`),
  );
  const apart = [-2, 2].map((by) => {
    const both = [figure('inside', 0), figure('between', by)];
    return `letters stand ${by} mm off\n${said({ ...known, figures: both })}`;
  });
  const elsewhere = [
    `backwards\n${said({ ...known, figures: [figure('slope', -3)] })}`,
    ...[0.8, 1.2].map((by) => {
      const pressed = [figure('weight', by), figure('body', 12 * by), figure('width', by)];
      return `without an edge, ${by}\n${said({ ...known, nib: undefined, pressed: true, figures: pressed })}`;
    }),
    `without slope lines\n${said({ ...known, slopeLines: false, figures: [figure('slope', 12)] })}`,
    `without a gauge\n${said({ ...known, gauge: false, figures: [figure('angle', 36)] })}`,
  ];
  const rows = ROW_FAULTS.map(
    (fault) =>
      `${fault}\n${said({ ...known, rows: [row('n', fault)] })}\n${said({ ...known, rows: [row('n', fault), row('h', fault)] })}`,
  );
  const held = FIGURE_IDS.flatMap((id) => {
    const value = FIGURES[id][0] ?? 0;
    return `${id} as asked\n${said({ ...known, figures: [figure(id, value)] })}`;
  });
  const pairs: readonly (readonly [FigureId, number, FigureId, number])[] = [
    ['angle', 45, 'angleSpread', 1],
    ['slope', 6, 'slopeSpread', 1],
    ['inside', 0.1, 'between', 0.2],
  ];
  const together = pairs.map(
    ([one, first, other, second]) =>
      `${one} as asked, with ${other}\n${said({ ...known, figures: [figure(one, first), figure(other, second)] })}`,
  );
  const all = [...figures, ...apart, ...elsewhere, ...rows, ...held, ...together];
  await expect(`${all.join('\n')}\n`).toMatchFileSnapshot('./values/review.remarks.txt');
});

it('at most three are made, the first praises, and what is farthest off comes before what is less', () => {
  const figures = [
    figure('angle', 36),
    figure('slope', 12),
    figure('evenness', 0.01),
    figure('feet', 0.9),
    figure('counter', 0.7),
  ];
  const remarks = remarksOn({ ...known, figures, rows: [row('n', 'narrow')] });
  expect(remarks).toHaveLength(3);
  expect(remarks[0]).toMatchObject({ cure: '', text: expect.stringMatching(/weigh the same/) });
  const alone = remarksOn({ ...known, figures: [figure('feet', 0.9), figure('angle', 36)] });
  expect(alone.map(({ text }) => text.slice(0, 14))).toEqual(['Your pen stood', 'Feet stand 0.9']);
});
