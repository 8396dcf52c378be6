import { errorOf, median, spread } from '../measure/statistics';
import type { Mm } from '../measure/units';
import { PIXELS_PER_MM } from '../register/pageMap';
import { edgeAngleOf } from './due';
import { fallOf } from './fall';
import type { JudgedRow } from './faults';
import { FIGURES, type FigureId } from './figures/registry';
import type { Compared } from './letter';
import type { ReviewFigure } from './review';

/** Error floor of a figure on pages with marks. */
const floorOf = (id: FigureId): number => FIGURES[id].floor.marked ?? 0;

/** Nib width below which errors of angle and width are doubled; below the second they are not reported. */
const NARROW_NIB: Mm = 1.6;
const LEAST_NIB: Mm = 0.9;
/** Variance that the method adds to a spread of angles and of slopes (trial). */
const OWN_ANGLE = 0.5;
const OWN_SLOPE = 0.4;
/** Variance that it adds to the difference of two stems, each read to a third of a degree (trial). */
const OWN_SPLAY = 0.5;

/** Paleness of a shade's middle from which it counts as dry; blur of the picture adds at most a tenth (docs/measuring.md). */
const PALE = 0.25;

/** Maximum distance of a model's top from the waistline, or of its foot from the baseline, for the letter to count for heads or feet; a fraction of the body. */
const ON_LINES = 0.16;

interface Seen {
  readonly letter: Compared;
  readonly judged: JudgedRow;
}

/** Measures a page as a whole. */
export function figuresOf(rows: readonly JudgedRow[]): ReviewFigure[] {
  const seen: Seen[] = rows.flatMap((judged) => judged.letters.map((letter) => ({ letter, judged })));
  const of = (pick: (seen: Seen) => number | undefined): number[] =>
    seen.flatMap((one) => {
      const value = pick(one);
      return value === undefined || Number.isNaN(value) ? [] : [value];
    });
  const first = rows[0]?.row.due.ground;
  if (!first) return [];
  const { pen, unit, zones, recipe } = first;
  const nib: Mm = pen.kind === 'broad' ? pen.width * unit : 0;
  const coarse = nib > 0 && nib < NARROW_NIB ? 2.5 : 1;
  const figure = (
    id: FigureId,
    values: readonly number[],
    value: number,
    asked: number | null,
    times = 1,
  ): ReviewFigure[] =>
    values.length < 3 || Number.isNaN(value)
      ? []
      : [
          {
            id,
            value,
            asked,
            error: times * Math.hypot(floorOf(id), 2 * errorOf(values)),
            count: values.length,
          },
        ];
  const less = (value: number, own: number) => Math.sqrt(Math.max(0, value * value - own * own));

  const angles = nib >= LEAST_NIB ? of(({ letter }) => letter.angle) : [];
  const nibs = nib >= LEAST_NIB ? of(({ letter }) => letter.nib) : [];
  const slopes = of(({ letter }) => letter.slope);
  const weights = of(({ letter }) => letter.weight);
  const body = zones.body * unit;
  const standing = seen.filter(({ letter, judged }) => {
    const tall = judged.row.due.ground.zones.body * judged.row.due.ground.unit * PIXELS_PER_MM;
    return (
      Math.abs(letter.model.top - tall) < ON_LINES * tall && Math.abs(letter.model.bottom) < ON_LINES * tall
    );
  });
  // Tops and feet that end in hairlines fall below half coverage; then the height comes from the alignment with the model.
  const ratios = standing.map(({ letter: { measured, model, alignment } }) =>
    pen.kind === 'broad' ? (measured.top - measured.bottom) / (model.top - model.bottom) : alignment.height,
  );
  const heads = standing.map(({ letter }) => letter.top);
  const feet = seen.flatMap(({ letter, judged }) => {
    const tall = judged.row.due.ground.zones.body * judged.row.due.ground.unit * PIXELS_PER_MM;
    return Math.abs(letter.model.bottom) < ON_LINES * tall ? [letter.bottom] : [];
  });
  const widths = of(({ letter }) => letter.alignment.width);
  const counters = of(({ letter }) => letter.beside?.counter);
  const splays = of(({ letter }) => letter.beside && Math.abs(letter.beside.splay));
  const hairlines = of(({ letter }) => letter.hairline);
  const contrasts = of(({ letter }) => letter.hairline && letter.weight && letter.hairline / letter.weight);
  const rails = of((one) => one.letter.rails);
  const tops = of(({ letter }) => letter.tops);
  const angle = (rows[0] && edgeAngleOf(rows[0].row)) ?? null;
  const { inside, between } = distances(rows);
  const ragged = of(({ letter }) => {
    const own = letter.measured.stems.map((stem) => stem.ragged);
    const its = letter.model.stems.map((stem) => stem.ragged);
    return own.length > 0 && its.length > 0 ? (median(own) - median(its)) / PIXELS_PER_MM : undefined;
  });
  return [
    ...figure('angle', angles, (angle ?? 0) + median(angles), angle, coarse),
    ...figure('angleSpread', angles, less(spread(angles), OWN_ANGLE), null, coarse),
    ...figure(
      'nib',
      nibs.map((ratio) => ratio * nib),
      median(nibs) * nib,
      nib,
      coarse,
    ).map((one) => ({
      ...one,
      error: Math.max(one.error, floorOf('nib') * nib * coarse),
    })),
    ...figure('slope', slopes, recipe.slope + median(slopes), recipe.slope),
    ...figure('slopeSpread', slopes, less(spread(slopes), OWN_SLOPE), null),
    ...figure(
      'body',
      ratios.map((ratio) => ratio * body),
      median(ratios) * body,
      body,
    ),
    ...figure('heads', heads, median(heads), 0),
    ...figure('feet', feet, median(feet), 0),
    ...sinkingOf(rows),
    ...figure('weight', weights, median(weights), 1),
    ...figure('evenness', weights, spread(weights), null),
    ...figure('width', widths, median(widths), 1),
    ...figure('counter', counters, median(counters), 1),
    ...figure('parallels', splays, less(median(splays), OWN_SPLAY), 0),
    ...figure('hairline', hairlines, median(hairlines), 1),
    ...figure('contrast', contrasts, median(contrasts), 1),
    ...figure('inside', inside, median(inside), null),
    ...figure('between', between, median(between), null),
    ...figure('rails', rails, rails.filter((pale) => pale > PALE).length / rails.length, 0),
    ...figure('tops', tops, median(tops), 0),
    ...figure('ragged', ragged, median(ragged), null),
  ];
}

/** Sinking of the line: median over rows of the slope of a line through the feet. */
function sinkingOf(rows: readonly JudgedRow[]): ReviewFigure[] {
  const falls = rows.flatMap(({ row, letters, places }) => {
    const length = row.due.to - row.due.from;
    const fall = fallOf(
      places.map((x) => (x - row.due.from) / length),
      letters.map(({ bottom }) => bottom),
    );
    return fall === undefined ? [] : [{ fall, count: letters.length }];
  });
  if (falls.length === 0) return [];
  const values = falls.map(({ fall }) => fall);
  return [
    {
      id: 'sinking',
      value: median(values),
      asked: 0,
      error: Math.hypot(floorOf('sinking'), 2 * errorOf(values)),
      count: falls.reduce((sum, { count }) => sum + count, 0),
    },
  ];
}

/** Distances of neighbouring stems in words, inside letters and between them, in mm, each minus the model's. */
function distances(rows: readonly JudgedRow[]): { inside: number[]; between: number[] } {
  const [inside, between]: [number[], number[]] = [[], []];
  for (const { row, letters } of rows) {
    const { figure, ground, running } = row.due;
    if (!running) continue;
    const own = figure.shapes.filter(({ marks, joins }) => !marks && !joins);
    if (own.length < 3) continue;
    const starts = own.map(({ x }) => x * ground.unit * PIXELS_PER_MM);
    for (const { measured, model } of letters) {
      // Stems can be paired with the model's only where their numbers agree.
      if (measured.stems.length !== model.stems.length) continue;
      const letterOf = (x: number) => starts.filter((start) => start <= x - model.left + 2).length;
      for (let i = 1; i < model.stems.length; i++) {
        const [a, b] = [model.stems[i - 1], model.stems[i]];
        const [p, q] = [measured.stems[i - 1], measured.stems[i]];
        if (!a || !b || !p || !q) continue;
        const off = (q.x - p.x - (b.x - a.x)) / PIXELS_PER_MM;
        (letterOf(a.x) === letterOf(b.x) ? inside : between).push(off);
      }
    }
  }
  return { inside, between };
}
