import { freshRecipe } from '@/core/document/defaults';
import { codeOf, drawKept, keptFrom } from '@/core/document/keptPage';
import type { HandId } from '@/core/hands/registry';
import { loadScript } from '@/core/hands/scripts';
import { numbersFrom } from '@/core/measure/seeded';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose } from '@/core/practice/compose';
import { dueRows } from '@/core/practice/dueRows';
import type { Point } from '@/core/register/homography';
import { pageMapOf } from '@/core/register/pageMap';
import type { FigureId } from '@/core/review/figures/registry';
import type { Measuring } from '@/core/review/review';
import type { SampleAsked } from '@/core/review/sampleAsked';
import { decode } from '@/press/review/decode';
import { sampleSteps } from '@/press/review/sampleSteps';
import { lookedAt, someHabits, someShot, taken } from './pages';

const WORDS = ['minimum', 'noonday', 'handling', 'amount'] as const;
/** Rows that are written. */
const ROWS = 4;
/** What a corner is shown off its place by, in pixels, at most. */
const SHAKES = 2;

export interface SampleForTest {
  readonly picture: Buffer;
  readonly corners: readonly Point[];
  readonly asked: SampleAsked;
  /** What was written in truth. */
  readonly truth: Partial<Record<FigureId, number>>;
}

const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;

/**
 * Some rows of a word, written by a made-up hand and taken; the corners of their block as somebody would show them, a pixel or two off. The page
 * has marks, which the measuring does not see: they say where the block lies.
 */
export async function sampleForTest(
  seed: number,
  hand: HandId,
  view: 'scan' | 'photo',
  smaller = 1,
): Promise<SampleForTest> {
  await loadScript(hand);
  const word = WORDS[seed % WORDS.length] as string;
  const free = { guided: false, trace: 0, fading: 0, free: 3 * ROWS, lines: ROWS };
  const composed = compose(freshRecipe(hand), { bands: [bandOf('w', 'word', word, free)] });
  const page = keptFrom(composed, 0);
  const code = codeOf('ABCDEFGH12', page);
  const habits = someHabits(seed);
  const shot = someShot(seed, view);
  const { jpeg, rows } = await taken({ page, code }, habits, {
    ...shot,
    width: Math.round(shot.width * smaller),
    height: Math.round(shot.height * smaller),
    perMm: shot.perMm * smaller,
    blur: shot.blur * smaller,
  });
  const { marks } = await lookedAt(jpeg);
  if (!marks) throw new Error('the page was not found');
  const { width, height } = await decode(jpeg, 'green');
  const map = pageMapOf(marks, drawKept(page, code));
  const due = dueRows(composed, 0);
  const [first, second, last] = [due[0], due[1], due.at(-1)];
  if (!first || !second || !last) throw new Error('no rows');
  const { recipe, zones, unit, pen } = first.due.ground;
  const body = zones.body * unit;
  const chance = numbersFrom(seed * 17 + 3);
  const shown = (x: number, y: number): Point => {
    const [px, py] = map.at([x, y]);
    const off = () => 2 * SHAKES * (chance() - 0.5);
    return [(px + off()) / width, (py + off()) / height];
  };
  const { from, to } = first.due;
  const [upper, lower] = [first.row.line.baseline - body, last.row.line.baseline];
  return {
    picture: jpeg,
    corners: [shown(from, upper), shown(to, upper), shown(to, lower), shown(from, lower)],
    asked: {
      hand,
      nib: recipe.width,
      body,
      rows: due.length,
      pitch: second.row.line.baseline - first.row.line.baseline,
      text: seed % 2 === 0 ? '' : word,
    },
    truth: {
      angle: recipe.penAngle + mean(rows.flatMap(({ angles }) => angles)),
      slope: recipe.slope + mean(rows.flatMap(({ slopes }) => slopes)),
      ...(pen.kind === 'broad' && { nib: recipe.width * habits.nib }),
      body: body * habits.body,
    },
  };
}

/** Measures a sample as the application does. */
export async function measuredSample({ picture, corners, asked }: SampleForTest): Promise<Measuring> {
  const parts: Uint8Array[] = [];
  for await (const { bytes } of sampleSteps({ kind: 'sample', picture, corners, asked }))
    parts.push(...bytes);
  return JSON.parse(Buffer.from(parts[0] ?? []).toString()).measuring;
}

/** How far its figures are off what was written. */
export const sampleErrors = (
  { figures }: Measuring,
  { truth }: SampleForTest,
): Partial<Record<FigureId, number>> =>
  Object.fromEntries(
    figures.flatMap(({ id, value }) => {
      const its = truth[id];
      return its === undefined ? [] : [[id, value - its]];
    }),
  );
