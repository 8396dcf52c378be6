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

/** What is measured on any ink, the exemplar's or the scribe's, by the same code; lengths in pixels. */
export interface Measured {
  readonly edge: Edge | undefined;
  readonly stems: readonly Stem[];
  /** Over the baseline. */
  readonly top: number;
  readonly bottom: number;
  readonly left: number;
  readonly right: number;
  /** Heights at which strokes leave stems, over the baseline, for each place the exemplar has one. */
  readonly branches: readonly (number | undefined)[];
  /** Of a pressed pen: how thick its thinnest lines are. */
  readonly hairline: number | undefined;
  /** Of a pressed pen: how soon its shades are full, in shares of their width. */
  readonly tops: readonly number[];
}

/** Where a stroke leaves a stem, in letter units from the origin, and to which side. */
interface BranchPlace {
  readonly x: number;
  readonly side: 1 | -1;
}

/** All that is known of the model of a row, measured once. */
export interface Model {
  readonly exemplar: Inked;
  readonly laid: Laid;
  readonly measured: Measured;
  readonly places: readonly BranchPlace[];
  /** The exemplar less one of its strokes, for every stroke it could be missing. */
  readonly lacking: readonly Laid[];
  /** Does it tell the edge's angle: strokes of several directions, all written with the edge held? */
  readonly tellsAngle: boolean;
  readonly pieces: number;
}

/** Turns of the pen smaller than this are held. */
const HELD: Degrees = 2;
/** A row counts as part of a letter where so much of it is ink: a share of the pen's width, and at least so many pixels. */
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

/** The model of a row, measured. */
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

/** An edge turned by this on trial must be read so, within so much, or the letter does not tell its angle. */
const TRIAL: Degrees = 6;
const READ_WITHIN: Degrees = 1.2;

/**
 * Does a letter tell the angle of its edge? Tried on the model: written with the edge turned a little, it must be read so.
 * Letters that are all stems do not, nor such as turn the pen.
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

/** Lines thinner than this break in a picture of themselves, in mm, and so do hairlines: then patches do not tell that strokes are apart. */
const BREAKS: Mm = 0.25;

function hasLines({ due: { ground } }: DueRow): boolean {
  const { pen, unit } = ground;
  return pen.kind === 'broad' || (pen.kind !== 'pointed' && pen.line * unit >= BREAKS);
}

/** Patches the model's own ink is made of, but specks. */
const piecesOf = (ink: Grey, nib: number): number =>
  patchesOf(ink).filter(({ area }) => area >= MODEL_PIECE * nib * nib).length;

/** Where strokes after the first leave one: inside the body. */
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

/** Measures ink that stands on a row. */
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
    // The thins of an edge follow from its angle and its width; a point's are what pressure leaves.
    hairline: pen.kind === 'pointed' ? hairlineOf(ink) : undefined,
    tops: pen.kind === 'pointed' ? topsOf(ink, baseline, body, stems) : [],
  };
}

/** First and last row with enough ink, its edges weighed between pixels; and columns. */
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

/** What is higher than this share of the body is a shoulder, no branch. */
const SHOULDER = 0.72;
/** Beside a stem a branch is looked for so far away, as a share of the stem's width, from this share of the body upwards. */
const ASIDE = 0.28;
const FROM_BODY = 0.1;

/** The height of the first ink above the white beside a stem: the inside of an arch where it leaves. */
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

/** One letter compared with its model; every number is the scribe's less the model's, or over it. */
export interface Compared {
  readonly alignment: Alignment;
  readonly measured: Measured;
  readonly model: Measured;
  readonly angle: Degrees | undefined;
  /** Nib's width by the ink over the model's. */
  readonly nib: number | undefined;
  /** Means over its stems that have a like in the model. */
  readonly slope: Degrees | undefined;
  readonly weight: number | undefined;
  readonly top: Mm;
  readonly bottom: Mm;
  /** Of the body. */
  readonly branch: number | undefined;
  /** Shares less or more overlap than the model lacking a stroke: over 0 a stroke is missing. */
  readonly lacking: number;
  readonly apart: boolean;
  /** Patches are missing: a dot, or a mark. */
  readonly fewer: boolean;
  /** How much paler the middle of its shades is; only of a pressed pen. */
  readonly rails: number | undefined;
  /** Its stems beside one another. */
  readonly beside: Beside | undefined;
  /** Its thinnest lines over the model's; only of a pressed pen. */
  readonly hairline: number | undefined;
  /** Its shades are full so much later than the model's, in shares of their width. */
  readonly tops: number | undefined;
}

/** A stroke is thought missing where the model without it shares so much more with the ink. */
export const LACKING = 0.06;

/** Compares ink with its model; `withEdge` where the angle of its edge is wanted. */
export function compare(
  sample: Inked & Pick<Sample, 'pieces' | 'crumbs'>,
  model: Model,
  row: DueRow,
  withEdge = true,
): Compared {
  const { zones, unit } = row.due.ground;
  const body = zones.body * unit * P;
  // Where the model does not tell the edge, the ink does not either.
  const measured = measuredOf(sample, row, [], withEdge && model.tellsAngle);
  const seen = laid(sample, body, leanOf(row));
  const alignment = aligned(model.laid, seen);
  // Branches are looked for where the exemplar has them, as it lies on the ink.
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

/** Stems of the ink with the model's that stand at about the same share of the width. */
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
