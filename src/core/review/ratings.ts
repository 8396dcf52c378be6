import type { CriterionId } from '../practice/criteria';
import type { Checked, Rating } from '../study/grade';
import type { FigureId } from './figures/registry';
import type { ReviewFigure, ReviewRow } from './review';

/** Maximum deviation of a figure for each rating: right up to the first, near up to the second. */
interface Scale {
  readonly criterion: CriterionId;
  readonly of: (figure: (id: FigureId) => ReviewFigure | undefined, body: number) => number | undefined;
  readonly right: number;
  readonly near: number;
}

const off = (figure: ReviewFigure | undefined): number | undefined =>
  figure && Math.abs(figure.value - (figure.asked ?? 0));

/** Bounds of the ratings (estimates from what teaching books call even; to be corrected by real pages). */
const SCALES: readonly Scale[] = [
  { criterion: 'angle', of: (figure) => off(figure('angle')), right: 2.5, near: 6 },
  {
    criterion: 'feet',
    of: (figure, body) => {
      const feet = off(figure('feet'));
      return feet === undefined ? undefined : feet / body;
    },
    right: 0.03,
    near: 0.07,
  },
  { criterion: 'stems', of: (figure) => figure('evenness')?.value, right: 0.06, near: 0.12 },
  {
    criterion: 'counters',
    of: (figure) => off(figure('counter') ?? figure('width')),
    right: 0.06,
    near: 0.12,
  },
  { criterion: 'parallels', of: (figure) => off(figure('parallels')), right: 1.5, near: 3 },
  {
    criterion: 'shades',
    of: (figure) => {
      const [tops, rails] = [off(figure('tops')), off(figure('rails'))];
      return tops === undefined && rails === undefined ? undefined : Math.max(tops ?? 0, rails ?? 0);
    },
    right: 0.25,
    near: 0.5,
  },
  {
    criterion: 'slope',
    of: (figure) => {
      const [lean, spread] = [off(figure('slope')), figure('slopeSpread')?.value];
      return lean === undefined || spread === undefined ? undefined : Math.max(lean, spread);
    },
    right: 2.5,
    near: 5,
  },
  {
    criterion: 'spacing',
    of: (figure, body) => {
      const [inside, between] = [figure('inside'), figure('between')];
      return inside && between ? Math.abs(between.value - inside.value) / body : undefined;
    },
    right: 0.06,
    near: 0.14,
  },
];

/** Ratings of what was measured, as a self-check gives them by eye. */
export function ratedBy(
  figures: readonly ReviewFigure[],
  rows: readonly ReviewRow[],
  body: number,
): Checked[] {
  const figure = (id: FigureId) => figures.find((one) => one.id === id);
  const rated = SCALES.flatMap(({ criterion, of, right, near }): Checked[] => {
    const value = of(figure, body);
    if (value === undefined) return [];
    const rating: Rating = value <= right ? 'right' : value <= near ? 'near' : 'off';
    return [{ criterion, rating }];
  });
  const judged = rows.filter(({ letters }) => letters.length > 1);
  if (judged.length === 0) return rated;
  const apart = judged.some(({ faults }) => faults.some(({ fault }) => fault === 'strokes apart'));
  return [...rated, { criterion: 'joints', rating: apart ? 'off' : 'right' }];
}
