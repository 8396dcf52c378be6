import { type Degrees, type Mm, tanDeg } from '../measure/units';
import type { Pen } from '../pen/pen';
import type { DueRow } from '../practice/dueRows';
import { patchesOf } from '../raster/components';
import type { Grey } from '../raster/grey';
import { PIXELS_PER_MM } from '../register/pageMap';
import type { Figure } from '../writing/figure';
import { type Alignment, aligned, type Laid, laid } from './align';
import { type Edge, edgeOf } from './chords';
import { edgeAngleOf, leanOf } from './due';
import { exemplarOf, type Inked } from './exemplar';
import { hairlineOf } from './hairline';
import { paleMiddle } from './rails';
import { MODEL_PIECE, type Sample } from './samples';
import { topsOf } from './shadeTops';
import { type Stem, stemsOf } from './stems';
import { type Beside, besideOf } from './stemsBeside';

const P = PIXELS_PER_MM;

/** Measurements of one letter's ink, the exemplar's or the scribe's; lengths in pixels. */
export interface Measured {
  readonly edge: Edge | undefined;
  readonly stems: readonly Stem[];
  /** Over the baseline. */
  readonly top: number;
  readonly bottom: number;
  readonly left: number;
  readonly right: number;
  /** Heights of branches over the baseline, one for each place where the exemplar branches. */
  readonly branches: readonly (number | undefined)[];
  /** Hairline thickness; pointed pens only. */
  readonly hairline: number | undefined;
  /** Length over which each shade swells to full width, as a multiple of that width; pointed pens only. */
  readonly tops: readonly number[];
}

/** Place where a stroke branches from a stem: x in letter units from the origin, and side. */
interface BranchPlace {
  readonly x: number;
  readonly side: 1 | -1;
}

/** The model of a row with its measurements, taken once. */
export interface Model {
  readonly exemplar: Inked;
  readonly laid: Laid;
  readonly measured: Measured;
  readonly places: readonly BranchPlace[];
  /** The exemplar without one stroke, for every stroke that may be missing. */
  readonly lacking: readonly Laid[];
  /** Can the pen angle be read from it: strokes in several directions, all at one pen angle? */
  readonly tellsAngle: boolean;
  readonly pieces: number;
}

/** Maximum turn of the pen that counts as held. */
const HELD: Degrees = 2;
/** Minimum ink in a row of pixels that belongs to a letter: fraction of the nib width, and pixels. */
const ROW_SHARE = 0.08;
const ROW_LEAST = 1.5;

const isHeld = ({ shapes }: Figure): boolean =>
  shapes.every(({ cut }) => cut.strokes.every(({ turns }) => turns.every((turn) => Math.abs(turn) <= HELD)));

const nibOf = (pen: Pen): number =>
  pen.kind === 'broad' || pen.kind === 'two-point'
    ? pen.width
    : pen.kind === 'pointed'
      ? pen.spread
      : pen.kind === 'doubled'
        ? pen.gap
        : pen.line;

/** Measures the model of a row. */
export function modelOf(row: DueRow): Model {
  const { figure, ground } = row.due;
  const { pen, unit, zones } = ground;
  const exemplar = exemplarOf(pen, figure, unit, P);
  const places = branchPlaces(figure, zones.body);
  const body = zones.body * unit * P;
  const lacking = figure.shapes.flatMap(({ cut, joins, marks }, shape) =>
    joins || marks || figure.shapes.length > 2
      ? []
      : cut.strokes.flatMap(({ finishes, lengths }, stroke) =>
          stroke === 0 || finishes || (lengths.at(-1) as number) < zones.body * 0.4
            ? []
            : [laid(exemplarOf(pen, figure, unit, P, { shape, stroke }), body, leanOf(row))],
        ),
  );
  const measured = measuredOf(exemplar, row, places);
  return {
    exemplar,
    laid: laid(exemplar, body, leanOf(row)),
    measured,
    places,
    lacking,
    tellsAngle: tellsAngle(row, measured.edge),
    pieces: piecesOf(exemplar.ink, nibOf(pen) * unit * P),
  };
}

/** Self-test: turn of the model's pen, and tolerance within which the reading must recover it. */
const TRIAL: Degrees = 6;
const READ_WITHIN: Degrees = 1.2;

/**
 * Can the pen angle be read from this letter? Self-test on the model: written with the pen turned a little, the reading must follow.
 * Letters of stems only fail it, and so do letters that turn the pen.
 */
function tellsAngle(row: DueRow, plain: Edge | undefined): boolean {
  const { figure, ground } = row.due;
  const { pen, unit } = ground;
  const angle = edgeAngleOf(row);
  if (!plain || angle === undefined || pen.kind !== 'broad' || !isHeld(figure)) return false;
  const trial = exemplarOf({ ...pen, angle: pen.angle + TRIAL }, figure, unit, P);
  const turned = edgeOf(trial.ink, angle, pen.width * unit * P);
  return turned !== undefined && Math.abs(turned.angle - plain.angle - TRIAL) <= READ_WITHIN;
}

/** Minimum line thickness that does not break in a picture. Thinner lines, and hairlines, break into components, which then say nothing about separate strokes. */
const BREAKS: Mm = 0.25;

function hasLines({ due: { ground } }: DueRow): boolean {
  const { pen, unit } = ground;
  return pen.kind === 'broad' || (pen.kind !== 'pointed' && pen.line * unit >= BREAKS);
}

/** Number of connected components of the model's ink, without specks. */
const piecesOf = (ink: Grey, nib: number): number =>
  patchesOf(ink).filter(({ area }) => area >= MODEL_PIECE * nib * nib).length;

/** Places inside the body where later strokes branch from the first. */
function branchPlaces({ shapes }: Figure, body: number): BranchPlace[] {
  if (shapes.filter(({ marks, joins }) => !marks && !joins).length !== 1) return [];
  return shapes.flatMap(({ cut, x }) =>
    cut.strokes.slice(1).flatMap((stroke): BranchPlace[] => {
      const first = stroke.path[0];
      if (!first) return [];
      const [[x0, y0], , , [x3, y3]] = first;
      if (y0 < 0.05 * body || y0 > 0.85 * body || y3 <= y0) return [];
      return [{ x: x + x0, side: x3 >= x0 ? 1 : -1 }];
    }),
  );
}

/** Measures the ink of one letter on a row. */
function measuredOf(inked: Inked, row: DueRow, places: readonly BranchPlace[], withEdge = true): Measured {
  const { ground } = row.due;
  const { unit, zones, pen } = ground;
  const [scale, body] = [unit * P, zones.body * unit * P];
  const nib = nibOf(pen) * scale;
  const angle = edgeAngleOf(row);
  const { ink, baseline } = inked;
  const stems = stemsOf(ink, baseline, body, leanOf(row));
  return {
    edge: angle === undefined || !withEdge ? undefined : edgeOf(ink, angle, nib),
    stems,
    ...extents(ink, baseline, Math.max(ROW_LEAST, ROW_SHARE * nib)),
    branches: places.map((place) => branchHeight(ink, inked, stems, place, scale, body, leanOf(row))),
    // Thin strokes of a broad edge follow from angle and width; those of a pointed pen depend on pressure.
    hairline: pen.kind === 'pointed' ? hairlineOf(ink) : undefined,
    tops: pen.kind === 'pointed' ? topsOf(ink, baseline, body, stems) : [],
  };
}

/** First and last row with enough ink, interpolated between pixels; first and last column. */
function extents({ width, height, data }: Grey, baseline: number, least: number) {
  const inkIn = (y: number) => {
    let sum = 0;
    for (let x = 0; x < width; x++) {
      const value = data[y * width + x] as number;
      sum += Math.min(1, Math.max(0, (value - 0.3) / 0.4));
    }
    return sum;
  };
  const edge = (from: number, to: number, step: number): number => {
    let before = 0;
    for (let y = from; y !== to; y += step) {
      const here = inkIn(y);
      if (here >= least) {
        const share = (least - before) / Math.max(1e-6, here - before);
        return step > 0 ? y - 0.5 + share : y + 1.5 - share;
      }
      before = here;
    }
    return from;
  };
  let [left, right] = [width, 0];
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      if ((data[y * width + x] as number) <= 0.5) continue;
      if (x < left) left = x;
      if (x >= right) right = x + 1;
    }
  }
  return {
    top: baseline - edge(0, height, 1),
    bottom: baseline - edge(height - 1, -1, -1),
    left,
    right,
  };
}

/** Maximum height of a branch, as a fraction of the body; higher, it is a shoulder. */
const SHOULDER = 0.72;
/** Search for a branch: distance from the stem as a fraction of its width, and lowest height as a fraction of the body. */
const ASIDE = 0.28;
const FROM_BODY = 0.1;

/** Height of a branch: first ink above the white beside a stem, which is the inside of the arch. */
function branchHeight(
  ink: Grey,
  { baseline, origin }: Inked,
  stems: readonly Stem[],
  { x, side }: BranchPlace,
  scale: number,
  body: number,
  lean: number,
): number | undefined {
  const expected = origin + x * scale + (body / 2 - body * 0.3) * lean;
  const stem = [...stems].sort((a, b) => Math.abs(a.x - expected) - Math.abs(b.x - expected))[0];
  if (!stem || Math.abs(stem.x - expected) > 0.6 * body) return undefined;
  const slope = tanDeg(stem.slope);
  const aside = side * stem.width * (0.5 + ASIDE);
  for (let up = FROM_BODY * body, white = 0; up < body; up += 0.5) {
    const px = Math.round(stem.x + (up - body / 2) * slope + aside - 0.5);
    const py = Math.round(baseline - up - 0.5);
    if (px < 0 || py < 0 || px >= ink.width || py >= ink.height) return undefined;
    if ((ink.data[py * ink.width + px] as number) < 0.5) white += 0.5;
    else if (white > 0.08 * body) return up;
    else white = 0;
  }
  return undefined;
}

/** One letter compared with its model; numbers are differences from the model, or ratios to it. */
export interface Compared {
  readonly alignment: Alignment;
  readonly measured: Measured;
  readonly model: Measured;
  readonly angle: Degrees | undefined;
  /** Ratio of the nib width read from the ink to the model's. */
  readonly nib: number | undefined;
  /** Means over stems that have a counterpart in the model. */
  readonly slope: Degrees | undefined;
  readonly weight: number | undefined;
  readonly top: Mm;
  readonly bottom: Mm;
  /** As a fraction of the body. */
  readonly branch: number | undefined;
  /** Gain in overlap when the model lacks a stroke; above 0 a stroke may be missing. */
  readonly lacking: number;
  readonly apart: boolean;
  /** Fewer components than the model: a dot or mark is missing. */
  readonly fewer: boolean;
  /** How much paler shades are in their middle; pointed pens only. */
  readonly rails: number | undefined;
  /** Its stems compared with each other. */
  readonly beside: Beside | undefined;
  /** Ratio of its hairlines to the model's; pointed pens only. */
  readonly hairline: number | undefined;
  /** Difference of `Measured.tops` from the model's, mean over shades; pointed pens only. */
  readonly tops: number | undefined;
}

/** Minimum gain in overlap, without a stroke, at which that stroke counts as missing. */
export const LACKING = 0.06;

/** Compares ink with its model; reads the pen angle only `withEdge`. */
export function compare(
  sample: Inked & Pick<Sample, 'pieces' | 'crumbs'>,
  model: Model,
  row: DueRow,
  withEdge = true,
): Compared {
  const { zones, unit } = row.due.ground;
  const body = zones.body * unit * P;
  // If the angle cannot be read from the model, it cannot be read from the ink.
  const measured = measuredOf(sample, row, [], withEdge && model.tellsAngle);
  const seen = laid(sample, body, leanOf(row));
  const alignment = aligned(model.laid, seen);
  // Looks for branches where the exemplar, aligned with the ink, has them.
  const shift = measured.left - model.measured.left;
  const branches = model.places.map((place, i) => {
    const own = branchHeight(
      sample.ink,
      { ...sample, origin: model.exemplar.origin + shift },
      measured.stems,
      place,
      unit * P,
      body,
      leanOf(row),
    );
    const its = model.measured.branches[i];
    return own !== undefined && its !== undefined && its < SHOULDER * body ? (own - its) / body : undefined;
  });
  const known = branches.filter((value): value is number => value !== undefined);
  const lacking = Math.max(
    0,
    ...model.lacking.map((less) => aligned(less, seen, alignment).overlap - alignment.overlap),
  );
  const pairs = stemPairs(measured, model.measured);
  const mean = (values: readonly number[]) =>
    values.length > 0 ? values.reduce((a, b) => a + b, 0) / values.length : undefined;
  const [edge, its] = model.tellsAngle ? [measured.edge, model.measured.edge] : [];
  return {
    alignment,
    measured,
    model: model.measured,
    angle: edge && its && edge.angle - its.angle,
    nib: edge && its && edge.width / its.width,
    slope: mean(pairs.map(([own, its]) => own.slope - its.slope)),
    weight: mean(pairs.map(([own, its]) => own.width / its.width)),
    top: (measured.top - model.measured.top) / P,
    bottom: (measured.bottom - model.measured.bottom) / P,
    branch: mean(known),
    lacking,
    apart: model.pieces === 1 && sample.pieces > 1 && hasLines(row),
    fewer: sample.crumbs < model.pieces && row.due.ground.pen.kind === 'broad',
    rails:
      row.due.ground.pen.kind === 'pointed'
        ? paleMiddle(sample, model.measured.stems, body, model.laid, seen, alignment)
        : undefined,
    beside: besideOf(measured.stems, model.measured.stems),
    hairline:
      measured.hairline && model.measured.hairline ? measured.hairline / model.measured.hairline : undefined,
    tops: laterBy(mean(measured.tops), mean(model.measured.tops)),
  };
}

const laterBy = (own: number | undefined, its: number | undefined): number | undefined =>
  own === undefined || its === undefined ? undefined : own - its;

/** Pairs stems of the ink with stems of the model at about the same fraction of the width. */
function stemPairs(own: Measured, model: Measured): [Stem, Stem][] {
  const share = (x: number, { left, right }: Measured) => (x - left) / Math.max(1, right - left);
  return own.stems.flatMap((stem): [Stem, Stem][] => {
    const at = share(stem.x, own);
    const near = [...model.stems].sort(
      (a, b) => Math.abs(share(a.x, model) - at) - Math.abs(share(b.x, model) - at),
    )[0];
    return near && Math.abs(share(near.x, model) - at) < 0.15 ? [[stem, near]] : [];
  });
}
