import { withAnyNib } from '../document/chosenNib';
import { freshRecipe } from '../document/defaults';
import type { KeptPage } from '../document/keptPage';
import type { Drawing } from '../drawing/drawing';
import { countsByPen } from '../hand/hand';
import type { HandId } from '../hands/registry';
import { errorOf, median, spread } from '../measure/statistics';
import { type Degrees, type Mm, tanDeg } from '../measure/units';
import { type Ground, groundOf } from '../practice/ground';
import { lessonsOf } from '../practice/lessons';
import { Problem } from '../problem/problem';
import { componentsOf, inkedOf } from '../raster/components';
import { type Bytes, cropped, type Grey } from '../raster/grey';
import { PIXELS_PER_MM } from '../register/pageMap';
import { handOf } from '../setting/handOf';
import { lineSystem } from '../setting/lineSystem';
import { ladderReach } from '../sheet/draw/ladder';
import { layoutSheet } from '../sheet/layout';
import { pin } from '../sheet/solve';
import { textFigure } from '../writing/figure';
import { type Edge, edgeOf } from './chords';
import { type PrintedLine, printedLines } from './due';
import { exemplarOf } from './exemplar';
import { darknessIn, type Light } from './light';
import { ratedBy } from './ratings';
import { remarksOn } from './remarks';
import type { FigureId, Measuring, ReviewFigure, ReviewRow } from './review';
import { blockHeight, type SampleAsked } from './sampleAsked';
import { inkFrom } from './samples';
import { type Stem, stemsOf } from './stems';

const P = PIXELS_PER_MM;

/** What the sample was to be: the hand at its size. @throws Problem where the hand cannot be written so. */
export function sampleGround({ hand, nib, body }: Pick<SampleAsked, 'hand' | 'nib' | 'body'>): Ground {
  const usual = freshRecipe(hand);
  const own = countsByPen(handOf(usual)) ? withAnyNib({ ...usual, given: {} }, nib) : usual;
  const ground = groundOf(pin(own, 'bodyMm', body), { size: 1, held: false });
  if (!ground.face)
    throw new Problem('hand', 'This hand has no letters here yet; there is nothing to measure it against.');
  return ground;
}

/** White kept beside the block, in mm: room for what reaches over its ends. */
const ASIDE: Mm = 4;
/** Room above and below a row beyond what its hand reaches, in mm. */
const SPARE: Mm = 1;

/** How far a row reaches over its waistline and under its baseline, in mm. */
function reachOf({ recipe, module, zones, unit }: Ground): { readonly above: Mm; readonly below: Mm } {
  const { above, below } = lineSystem({
    ...recipe,
    capitalsOnly: handOf(recipe).capitalsOnly,
  });
  return { above: Math.max(0, above * module - zones.body * unit) + SPARE, below: below * module + SPARE };
}

/** The straightened picture of a block so wide: its size, and where the block's upper left corner lies in it, in mm. */
export function samplePage(asked: SampleAsked, ground: Ground, wide: Mm) {
  const { above, below } = reachOf(ground);
  return {
    width: wide + 2 * ASIDE,
    height: above + blockHeight(asked) + below,
    left: ASIDE,
    top: above,
  };
}

/** Letters are measured in groups about so wide, in bodies: enough strokes of several directions to tell the edge. */
const GROUP = 2.6;
/** Patches under this share of the body's square are dust, dots and crumbs; lower than this share of the body they stand nowhere. */
const SPECK = 0.01;
const LEAST_HIGH = 0.35;

interface Patch {
  readonly label: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Some neighbouring letters, measured together; lengths in pixels, x from the left of the picture they were cut from. */
interface Group {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly edge: Edge | undefined;
  readonly stems: readonly Stem[];
  /** Ends of those of its patches that stand on the baseline and reach the waistline, over the baseline. */
  readonly tops: readonly number[];
  readonly feet: readonly number[];
}

/** An edge is held so far off its angle at most, and its ink is so much wider or narrower. */
const MOST_OFF: Degrees = 25;
const MOST_WIDER = 0.4;
/** Straight strokes that lean more beside their slope are diagonals. */
const MOST_LEAN: Degrees = 14;
/** A patch stands on its lines where it ends less than this share of the body off them. */
const ON_LINES = 0.2;

/** What is measured of a row's ink. */
interface Written {
  readonly groups: readonly Group[];
  /** Of all its strokes together. */
  readonly edge: Edge | undefined;
}

/** Measures a row's ink, as a whole and group by group: the scribe's and the model's by the same code. */
function writtenIn(ink: Grey, baseline: number, ground: Ground): Written {
  const { zones, unit, pen, recipe } = ground;
  const body = zones.body * unit * P;
  const { labels, components } = componentsOf(inkedOf(ink), ink.width, ink.height);
  const patches = components
    .filter(
      ({ area, top, bottom }) =>
        area > SPECK * body * body &&
        bottom - top > LEAST_HIGH * body &&
        // What does not reach into the body is a neighbour row's, or a mark.
        top < baseline - 0.2 * body &&
        bottom > baseline - 0.8 * body,
    )
    .sort((a, b) => a.left - b.left);
  const runs: Patch[][] = [];
  for (const patch of patches) {
    const last = runs.at(-1);
    const from = last?.[0]?.left ?? Number.NaN;
    if (
      last &&
      patch.left - from < GROUP * body &&
      Math.max(...last.map(({ right }) => right)) - from < GROUP * body
    )
      last.push(patch);
    else runs.push([patch]);
  }
  const nib = pen.kind === 'broad' ? pen.width * unit * P : 0;
  const angle = pen.kind === 'broad' && handOf(recipe).penAngle ? recipe.penAngle : undefined;
  const edgeIn = (part: Grey): Edge | undefined => {
    const edge = angle === undefined ? undefined : edgeOf(part, angle, nib);
    // Strokes of one direction tell no edge: what is read of them is far off, and no edge.
    const told =
      edge && Math.abs(edge.angle - (angle ?? 0)) < MOST_OFF && Math.abs(edge.width / nib - 1) < MOST_WIDER;
    return told ? edge : undefined;
  };
  const groups = runs.map((run): Group => {
    const [left, right] = [run[0]?.left ?? 0, Math.max(...run.map((patch) => patch.right))];
    const own = new Set(run.map(({ label }) => label));
    const cut = cropped(ink, left - 2, 0, right - left + 4, ink.height);
    for (let y = 0; y < cut.height; y++) {
      for (let x = 0; x < cut.width; x++) {
        const px = x + left - 2;
        const label = px >= 0 && px < ink.width ? (labels[y * ink.width + px] as number) : 0;
        if (label !== 0 && !own.has(label)) cut.data[y * cut.width + x] = 0;
      }
    }
    const standing = run.filter(
      ({ top, bottom }) =>
        Math.abs(bottom - baseline) < ON_LINES * body && Math.abs(baseline - body - top) < ON_LINES * body,
    );
    return {
      left,
      right,
      top: Math.min(...run.map((patch) => patch.top)),
      bottom: Math.max(...run.map((patch) => patch.bottom)),
      edge: edgeIn(cut),
      stems: stemsOf(cut, baseline, body, tanDeg(recipe.slope))
        // Diagonals are straight too.
        .filter(({ slope }) => Math.abs(slope - recipe.slope) < MOST_LEAN)
        .map((stem) => ({
          ...stem,
          x: stem.x + left - 2,
        })),
      tops: standing.map(({ top }) => baseline - top),
      feet: standing.map(({ bottom }) => baseline - bottom),
    };
  });
  return { groups, edge: groups.length === 0 ? undefined : edgeIn(ink) };
}

/** The model of a sample: the same words where they are known, else the hand's small letters. */
function modelOf(text: string, ground: Ground): Written {
  const letters = lessonsOf(ground);
  const small = letters.filter((lesson) => lesson.case === 'small');
  const usual = (small.length > 0 ? small : letters).flatMap((lesson) => lesson.letters).join('');
  const { face, pen, unit } = ground;
  const figure = face && (textFigure(face, text.trim() || usual) ?? textFigure(face, usual));
  if (!figure) throw new Problem('text', 'This hand has none of the letters of this text.');
  const { ink, baseline } = exemplarOf(pen, figure, unit, P);
  return writtenIn(ink, baseline, ground);
}

/** What showing a block by hand may be off by, in mm: it adds to the error of every length. */
const SHOWN: Mm = 0.3;
/** What the method is good for on writing without marks: twice the 90 % error of the simulated samples in docs/measuring.md. */
const FLOORS: Readonly<Partial<Record<FigureId, number>>> = {
  angle: 4.2,
  nib: 0.06,
  slope: 1.75,
  slopeSpread: 2.5,
  body: 0.1,
  weight: 0.08,
  evenness: 0.05,
  stride: 0.08,
};
/** Groups that rest on fewer strokes' directions than this tell no angle (`Edge.plain`). */
const PLAIN = 0.04;
/** Stems farther apart than this, in bodies, are of two words. */
const APART = 1.5;

/** A row of writing: its baseline, and where it begins and ends on the page. */
interface Line {
  readonly baseline: Mm;
  readonly from: Mm;
  readonly to: Mm;
}

interface RowMeasured extends Written, Line {}

/** What is known of writing without cells. */
interface Known {
  readonly hand: HandId;
  readonly ground: Ground;
  readonly lines: readonly Line[];
  /** Writing may reach so far over its ends: they were shown by hand. */
  readonly slack: Mm;
  /** Lines that are printed or ruled under it. */
  readonly ruled: readonly PrintedLine[];
  /** What was written, where that is known. */
  readonly text: string;
  /** What the scale of the picture may be off by, as a share. */
  readonly scale: number;
  /** Of a single row the height was shown, and is not measured. */
  readonly bodyShown: boolean;
}

/**
 * Measures a straightened block of rows whose hand, nib and body are known, against the model measured by the same code.
 * @throws Problem where nothing is written in it.
 */
export function measureSample(
  page: Bytes,
  light: Light,
  asked: SampleAsked,
  ground: Ground,
  left: Mm,
  top: Mm,
): Measuring {
  const body = ground.zones.body * ground.unit;
  const [from, to] = [left, page.width / P - left];
  const lines = Array.from(
    { length: asked.rows },
    (_, i): Line => ({
      baseline: top + body + i * asked.pitch,
      from,
      to,
    }),
  );
  const measured = measureLines(page, light, {
    hand: asked.hand,
    ground,
    lines,
    slack: ASIDE,
    ruled: lines.flatMap((line) => ruledBy(line, body)),
    text: asked.text,
    scale: SHOWN / blockHeight(asked),
    bodyShown: asked.rows === 1,
  });
  if (!measured) {
    throw new Problem(
      'corners',
      'No writing was found between the lines that were shown. Put the upper handles on the waistline of the first row and the lower ones on the baseline of the last.',
    );
  }
  return measured;
}

/**
 * Measures what was written on a sheet that is only ruled, along its lines.
 * @throws Problem where that cannot be: nobody has written on it, its hand has no letters, or it is ruled for several nibs.
 */
export function measureRuled(
  page: Bytes,
  light: Light,
  { sheet, own }: KeptPage,
  drawing: Drawing,
): Measuring {
  const refused = (why: string) => new Problem('photo', why);
  if (sheet.nibs.length > 0) {
    throw refused('This sheet is ruled for several nibs to compare; what is written on it is not measured.');
  }
  if (sheet.exemplar.trim() !== '') {
    throw refused(
      'There are words on this sheet to write after: print them in Practise, where what is due is known.',
    );
  }
  const ground = groundOf(sheet, { size: 1, held: false }, own);
  if (!ground.face)
    throw refused('This hand has no letters here yet; there is nothing to measure it against.');
  const layout = layoutSheet(sheet);
  const { columns, startsRight } = layout;
  const lines = layout.strips.flatMap((strip) =>
    columns.flatMap(({ x, width }): Line[] => {
      const ladder = ladderReach(sheet, strip, layout);
      const [from, to] = startsRight ? [x, x + width - ladder] : [x + ladder, x + width];
      return strip.lines.map(({ baseline }) => ({ baseline, from, to }));
    }),
  );
  const measured = measureLines(page, light, {
    hand: sheet.hand,
    ground,
    lines,
    slack: 0,
    ruled: printedLines(drawing),
    text: '',
    scale: 0,
    bodyShown: false,
  });
  if (!measured)
    throw refused('Nobody has written on this sheet. Write on its lines, and photograph it again.');
  return { ...measured, title: sheet.title };
}

/** Undefined where nothing is written. */
function measureLines(page: Bytes, light: Light, known: Known): Measuring | undefined {
  const { hand, ground, lines, ruled, slack } = known;
  const { zones, unit, recipe } = ground;
  const body = zones.body * unit;
  const { above, below } = reachOf(ground);
  const rows = lines.flatMap((line): RowMeasured[] => {
    const top = Math.floor((line.baseline - body - above) * P);
    const left = Math.floor((line.from - ASIDE) * P);
    const width = Math.ceil((line.to - line.from + 2 * ASIDE) * P);
    const dark = darknessIn(page, light, left, top, width, Math.ceil((body + above + below) * P));
    const ink = inkFrom(dark, ruled, left, top, 0);
    const written = ink && writtenIn(within(ink, line, left, slack), line.baseline * P - top, ground);
    return written && written.groups.length > 0 ? [{ ...line, ...written }] : [];
  });
  if (rows.length === 0) return undefined;
  const model = modelOf(known.text, ground);
  const figures = sampleFigures(rows, model, known);
  const shown = rows.slice(0, MOST_ROWS).map(
    ({ baseline, from, to, groups }, i): ReviewRow => ({
      text: `row ${i + 1}`,
      baseline: tenths(baseline),
      body: tenths(body),
      from: tenths(from),
      to: tenths(to),
      letters: groups
        .slice(0, Math.max(1, Math.floor(MOST_GROUPS / rows.length)))
        .map(({ left, right, top, bottom, stems }) => {
          const [x0, y0] = [Math.floor((from - ASIDE) * P), Math.floor((baseline - body - above) * P)];
          const slope = median(stems.map((stem) => stem.slope)) - recipe.slope;
          return {
            box: [
              tenths((left + x0) / P),
              tenths((top + y0) / P),
              tenths((right - left) / P),
              tenths((bottom - top) / P),
            ],
            off: 0,
            // The edge of some letters alone is told too badly.
            angle: null,
            slope: Number.isNaN(slope) ? null : Math.round(slope * 10) / 10,
          };
        }),
      faults: [],
    }),
  );
  const edge = ground.pen.kind === 'broad' ? ground.pen.width * unit : undefined;
  return {
    hand,
    title: '',
    width: page.width / P,
    height: page.height / P,
    nib: edge ?? unit,
    figures,
    rows: shown,
    refused: [],
    remarks: remarksOn({
      figures,
      rows: shown,
      nib: edge,
      body,
      slopeLines: recipe.show.slope,
      counted: 'strokes',
    }),
    checks: ratedBy(figures, [], body).slice(0, 8),
    wobbled: [],
  };
}

/** A row's ink from its beginning to its end: what lies beside it is print, or another column's. */
function within(ink: Grey, { from, to }: Line, left: number, slack: Mm): Grey {
  const [first, last] = [Math.round((from - slack) * P) - left, Math.round((to + slack) * P) - left];
  for (let y = 0; y < ink.height; y++) {
    ink.data.fill(0, y * ink.width, y * ink.width + Math.max(0, first));
    ink.data.fill(0, y * ink.width + Math.min(ink.width, last), (y + 1) * ink.width);
  }
  return ink;
}

/** Rows that are kept of a sheet. */
const MOST_ROWS = 40;
/** Groups kept of a sample. */
const MOST_GROUPS = 100;
/** Lines that may be ruled under the writing are so wide, in mm. */
const RULED: Mm = 0.3;

const tenths = (mm: number): number => Math.max(0, Math.round(mm * 10));

/** Waistline and baseline of a row: where there are such lines, they are taken out. */
const ruledBy = ({ baseline, from, to }: Line, body: Mm): PrintedLine[] =>
  [baseline, baseline - body].map((y) => ({ x1: from - ASIDE, x2: to + ASIDE, y1: y, y2: y, width: RULED }));

function sampleFigures(
  rows: readonly RowMeasured[],
  { groups: model, edge: modelEdge }: Written,
  { ground: { pen, unit, recipe, zones }, scale, bodyShown }: Known,
): ReviewFigure[] {
  const groups = rows.flatMap((row) => row.groups);
  const body = zones.body * unit;
  const nib = pen.kind === 'broad' ? pen.width * unit : 0;
  const angles = (of: readonly Group[]) =>
    of.flatMap(({ edge }) => (edge && edge.plain > PLAIN ? [edge.angle] : []));
  const edges = (of: readonly Group[]) =>
    of.flatMap(({ edge }) => (edge && edge.plain > PLAIN ? [edge.width / P] : []));
  const slopes = (of: readonly Group[]) => of.flatMap(({ stems }) => stems.map(({ slope }) => slope));
  const widths = (of: readonly Group[]) => of.flatMap(({ stems }) => stems.map(({ width }) => width / P));
  const heights = (of: readonly Group[]) =>
    of.flatMap(({ tops, feet }) => tops.map((high, i) => (high - (feet[i] as number)) / P));
  const figure = (
    id: FigureId,
    values: readonly number[],
    value: number,
    target: number | null,
    /** A share of the value, for lengths; for others the floor as it is. */
    of = 1,
  ): ReviewFigure[] =>
    values.length < 4 || Number.isNaN(value)
      ? []
      : [
          {
            id,
            value: rounded(value),
            asked: target === null ? null : rounded(target),
            error: rounded(
              Math.hypot((FLOORS[id] ?? 0) * of, of === 1 ? 0 : scale * of, 2 * errorOf(values)),
            ),
            count: values.length,
          },
        ];
  const less = (value: number, own: number) => Math.sqrt(Math.max(0, value * value - own * own));
  const rowEdges = rows.flatMap(({ edge }) => edge ?? []);
  const ownAngles = angles(groups);
  const ownSlopes = slopes(groups);
  const ownWidths = widths(groups);
  const ownHeights = heights(groups);
  const strides = rows.flatMap((row) => stridesOf(row.groups, body));
  const modelStride = median(stridesOf(model, body));
  return [
    ...(modelEdge && rowEdges.length > 0
      ? [
          ...figure(
            'angle',
            ownAngles,
            recipe.penAngle + median(rowEdges.map(({ angle }) => angle)) - modelEdge.angle,
            recipe.penAngle,
          ),
          ...figure(
            'nib',
            edges(groups),
            (nib * median(rowEdges.map(({ width }) => width))) / modelEdge.width,
            nib,
            nib,
          ),
        ]
      : []),
    ...figure('slope', ownSlopes, recipe.slope + median(ownSlopes) - median(slopes(model)), recipe.slope),
    ...figure('slopeSpread', ownSlopes, less(spread(ownSlopes), spread(slopes(model))), null),
    ...(!bodyShown
      ? figure('body', ownHeights, (body * median(ownHeights)) / median(heights(model)), body, body)
      : []),
    ...figure('weight', ownWidths, median(ownWidths) / median(widths(model)), 1),
    ...figure(
      'evenness',
      ownWidths,
      less(spread(ownWidths), spread(widths(model))) / median(ownWidths),
      null,
    ),
    ...figure('stride', strides, median(strides), modelStride, modelStride),
  ];
}

const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/** Distances of neighbouring stems of one word, in mm. */
function stridesOf(groups: readonly Group[], body: Mm): number[] {
  const stems = groups.flatMap(({ stems: some }) => some.map(({ x }) => x / P)).sort((a, b) => a - b);
  return stems.slice(1).flatMap((x, i) => {
    const off = x - (stems[i] as number);
    return off < APART * body ? [off] : [];
  });
}
