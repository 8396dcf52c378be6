import { upperLine } from '../hand/upperLine';
import type { HandId } from '../hands/registry';
import { median } from '../measure/statistics';
import type { Degrees, Mm } from '../measure/units';
import type { Ground } from '../practice/ground';
import { lessonsOf } from '../practice/lessons';
import { Problem } from '../problem/problem';
import type { Bytes, Grey } from '../raster/grey';
import { PIXELS_PER_MM } from '../register/pageMap';
import { handOf } from '../setting/handOf';
import { lineSystem } from '../setting/lineSystem';
import { type Figure, textFigure } from '../writing/figure';
import type { PrintedLine } from './due';
import { exemplarOf } from './exemplar';
import { darknessIn, type Light } from './light';
import { type LinesKnown, lineFigures } from './lineFigures';
import { ratedBy } from './ratings';
import { remarksOn } from './remarks';
import type { Measuring, ReviewRow } from './review';
import { inkFrom } from './samples';
import { type Group, type Written, writtenIn } from './written';

const P = PIXELS_PER_MM;

/** White kept beside the block, in mm: room for what reaches over its ends. */
export const ASIDE: Mm = 4;
/** Room above and below a row beyond what its hand reaches, in mm. */
const SPARE: Mm = 1;

/** How far a row reaches over its waistline and under its baseline, in mm. */
export function reachOf({ recipe, module, zones, unit }: Ground): { readonly above: Mm; readonly below: Mm } {
  const { above, below } = lineSystem({
    ...recipe,
    capitalsOnly: handOf(recipe).capitalsOnly,
  });
  return { above: Math.max(0, above * module - zones.body * unit) + SPARE, below: below * module + SPARE };
}

/** A row of writing: its baseline, and where it begins and ends on the page. */
export interface Line {
  readonly baseline: Mm;
  readonly from: Mm;
  readonly to: Mm;
  /** What was to be written on it, as it was set; where that is known to the letter. */
  readonly due?: Figure;
}

interface RowMeasured extends Written, Line {}

/** What is known of writing without cells. */
interface Known extends Omit<LinesKnown, 'sameWords'> {
  readonly hand: HandId;
  readonly lines: readonly Line[];
  /** Distance that writing may extend beyond the ends that the user marked. */
  readonly slack: Mm;
  /** Lines that are printed or ruled under it. */
  readonly ruled: readonly PrintedLine[];
  /** The text, where it is not known line by line. */
  readonly text: string;
}

/** What the rows were to be, inked by the engine and measured. */
const modelsOf = (rows: readonly Line[], text: string, ground: Ground): readonly Written[] => {
  const due = rows.flatMap((row) => row.due ?? []);
  return due.length > 0 ? due.map((figure) => inkedAndRead(figure, ground)) : [modelOf(text, ground)];
};

function inkedAndRead(figure: Figure, ground: Ground): Written {
  const { ink, baseline } = exemplarOf(ground.pen, figure, ground.unit, P);
  return writtenIn(ink, baseline, ground);
}

/** The model of a sample: the same words where they are known, else the hand's small letters. */
function modelOf(text: string, ground: Ground): Written {
  const letters = lessonsOf(ground);
  const small = letters.filter((lesson) => lesson.case === 'small');
  const usual = (small.length > 0 ? small : letters).flatMap((lesson) => lesson.letters).join('');
  const { face } = ground;
  const figure = face && (textFigure(face, text.trim() || usual) ?? textFigure(face, usual));
  if (!figure) throw new Problem('text', 'This hand has none of the letters of this text.');
  return inkedAndRead(figure, ground);
}

/** Measures rows of writing whose letters are not known one by one; undefined where nothing is written. */
export function measureLines(page: Bytes, light: Light, known: Known): Measuring | undefined {
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
  const figures = lineFigures(rows, modelsOf(rows, known.text, ground), {
    ...known,
    sameWords: known.asSet || known.text.trim() !== '',
  });
  const usual = median(
    rows.flatMap(({ groups }) => groups.flatMap(({ stems }) => stems.map(({ slope }) => slope))),
  );
  const shown = rows.slice(0, MOST_ROWS).map(
    ({ baseline, from, to, groups, due }, i): ReviewRow => ({
      text: due ? due.text.slice(0, 200) : `row ${i + 1}`,
      baseline: tenths(baseline),
      body: tenths(body),
      from: tenths(from),
      to: tenths(to),
      letters: groups.slice(0, Math.max(1, Math.floor(MOST_GROUPS / rows.length))).map((group) => {
        const { left, right, top, bottom, stems } = group;
        const [x0, y0] = [Math.floor((from - ASIDE) * P), Math.floor((baseline - body - above) * P)];
        const slope = median(stems.map((stem) => stem.slope)) - recipe.slope;
        return {
          box: [
            tenths((left + x0) / P),
            tenths((top + y0) / P),
            tenths((right - left) / P),
            tenths((bottom - top) / P),
          ],
          off: offBy(group, usual, body * P),
          // The edge of a few letters alone is read too inaccurately.
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
      pressed: ground.pen.kind === 'pointed',
      body,
      upper: upperLine(handOf(recipe)),
      slopeLines: recipe.show.slope,
      gauge: known.printed && !known.asSet,
      counted: 'strokes',
    }),
    checks: ratedBy(figures, [], body).slice(0, 8),
    wobbled: [],
    profile: null,
  };
}

/**
 * Minimum difference in slope from the other groups, and minimum distance from the line in body heights, for a group to be marked;
 * groups of one stem are skipped.
 */
const PLAIN_LEAN: Degrees = 5;
const PLAIN_FEET = 0.1;
const FEWEST_STEMS = 2;

/** Deviation of a group: its worst trait over the visible minimum; `usual` is the slope of all groups. */
function offBy({ stems, feet }: Group, usual: Degrees, body: number): number {
  const lean = stems.length < FEWEST_STEMS ? 0 : Math.abs(median(stems.map(({ slope }) => slope)) - usual);
  const off = feet.length === 0 ? 0 : Math.abs(median(feet));
  return Math.round(10 * Math.max(lean / PLAIN_LEAN, off / (PLAIN_FEET * body))) / 10;
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

const tenths = (mm: number): number => Math.max(0, Math.round(mm * 10));
