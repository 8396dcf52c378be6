import { errorOf, median } from '../measure/statistics';
import type { Mm } from '../measure/units';
import type { DueRow } from '../practice/dueRows';
import type { Bytes, Grey } from '../raster/grey';
import { PIXELS_PER_MM } from '../register/pageMap';
import type { StripPart } from '../writing/stripPart';
import { darknessIn, type Light } from './light';

/** One straight stroke of a strip as it stands in the picture. */
export interface StripStroke {
  /** Where its middle is, in mm from the left of what was looked at. */
  readonly x: Mm;
  /** Across the stroke. */
  readonly thickness: Mm;
  /** Its length over its height. */
  readonly stretch: number;
  /** Fraction of its width that stays white in its middle. */
  readonly white: number;
}

/** What a strip says of its nib; null where a row was not written. */
export interface NibProfile {
  readonly hairline: ProfileFigure | null;
  readonly full: ProfileFigure | null;
  /** Thickness at each step of pressure, from the lightest, in mm. */
  readonly opening: readonly Mm[];
  /** Area that one load covers, in mm², and the full strokes it was counted on. */
  readonly load: { readonly area: number; readonly strokes: number } | null;
}

export interface ProfileFigure {
  readonly value: Mm;
  /** Two standard errors of the median, and the method's own. */
  readonly error: Mm;
  readonly count: number;
}

const P = PIXELS_PER_MM;
/** Fraction of the body, about its middle, in which strokes are measured: their ends are left out. */
const INNER = 0.5;
/** Darkness, as a fraction of full ink, from which a pixel is ink; pixels around a run that its blurred edges reach. */
const INK = 0.2;
const EDGE = 3;
/** Darkness of writing, before the level of full ink is known. */
const WRITTEN = 0.3;
/** Fraction of the rows of the picture in which a stroke must be seen. */
const SEEN = 0.6;
/** Widest white between two rails of one stroke, as a fraction of the wide whites of its row (`WHITE` of the strip leaves 1.5 widths). */
const RAILS = 0.45;
/** Quantile of the whites of a row that is a white between strokes, whether or not they have split. */
const WIDE = 0.75;
/** Rows of pixels after which a stroke that is not seen has ended, and how far it may lean from row to row beyond its own width, in pixels. */
const LOST = 3;
const ASIDE = 2;
/** A stroke has split where so much of its width is white. */
const SPLIT = 0.25;
/** Error of the method, in mm (docs/measuring.md). */
const FLOOR: Readonly<Record<'hairline' | 'full', Mm>> = { hairline: 0.03, full: 0.05 };
/** Fraction of a load's strokes at which its rows count as written to their end. */
const ROWS_FILLED = 0.97;
/** A median of fewer strokes is none. */
const LEAST = 3;

/** Ink along one row of the picture: from and to in pixels, how much of it is covered, and the white it bridges. */
interface Run {
  readonly from: number;
  readonly to: number;
  readonly covered: number;
  readonly white: number;
}

/** Runs of ink in one row of the picture; coverage includes the blurred edges on both sides. */
function runsIn({ width, data }: Grey, y: number, full: number): Run[] {
  const at = (x: number) => (x < 0 || x >= width ? 0 : (data[y * width + x] as number) / full);
  const runs: Run[] = [];
  for (let x = 0; x < width; x++) {
    if (at(x) < INK) continue;
    const from = x;
    while (at(x) >= INK) x++;
    let covered = 0;
    for (let px = from - EDGE; px < x + EDGE; px++) covered += Math.min(1, at(px));
    runs.push({ from, to: x, covered, white: 0 });
  }
  return runs;
}

/** Runs that lie closer than `gap` pixels are one: the white between two rails. */
function bridged(runs: readonly Run[], gap: number): Run[] {
  const joined: Run[] = [];
  for (const run of runs) {
    const last = joined.at(-1);
    const white = last ? run.from - last.to : 0;
    if (last && white < gap) {
      const covered = last.covered + run.covered;
      joined[joined.length - 1] = { from: last.from, to: run.to, covered, white: last.white + white };
    } else joined.push(run);
  }
  return joined;
}

/** Straight strokes in a part of a page, from the left: each row of pixels is cut across, and cuts in line are one stroke. */
export function strokesIn(dark: Grey, full: number): StripStroke[] {
  const rows = Array.from({ length: dark.height }, (_, y) => runsIn(dark, y, full));
  const whites = rows
    .flatMap((runs) => runs.slice(1).map(({ from }, i) => from - (runs[i] as Run).to))
    .sort((a, b) => a - b);
  const rails = RAILS * (whites[Math.floor(WIDE * whites.length)] ?? 0);
  const tracks: { readonly cuts: { readonly y: number; readonly run: Run }[] }[] = [];
  const middle = ({ from, to }: Run) => (from + to) / 2;
  for (const [y, runs] of rows.entries()) {
    for (const run of bridged(runs, rails)) {
      const own = tracks.find(({ cuts }) => {
        const last = cuts.at(-1);
        return (
          last &&
          last.y < y &&
          y - last.y <= LOST &&
          run.from <= last.run.to + ASIDE &&
          run.to >= last.run.from - ASIDE
        );
      });
      if (own) own.cuts.push({ y, run });
      else tracks.push({ cuts: [{ y, run }] });
    }
  }
  return tracks
    .filter(({ cuts }) => cuts.length >= SEEN * dark.height)
    .map(({ cuts }) => {
      const lean = leanOf(cuts.map(({ y, run }) => [y, middle(run)]));
      const across = 1 / Math.hypot(1, lean);
      const covered = median(cuts.map(({ run }) => run.covered));
      return {
        x: median(cuts.map(({ run }) => middle(run))) / P,
        thickness: (covered * across) / P,
        stretch: 1 / across,
        white: median(cuts.map(({ run }) => run.white / (run.to - run.from))),
      };
    })
    .sort((a, b) => a.x - b.x);
}

/** Slope of the straight line through places, by least squares: pixels across per pixel down. */
function leanOf(places: readonly (readonly [number, number])[]): number {
  const mean = (at: 0 | 1) => places.reduce((sum, place) => sum + place[at], 0) / places.length;
  const [my, mx] = [mean(0), mean(1)];
  const over = places.reduce((sum, [y, x]) => sum + (y - my) * (x - mx), 0);
  return over / (places.reduce((sum, [y]) => sum + (y - my) ** 2, 0) || 1);
}

/** A written row of a strip. */
interface WrittenStrip {
  readonly part: StripPart;
  readonly dark: Grey;
  /** Height of its strokes, and how many the row has room for. */
  readonly body: Mm;
  readonly due: number;
}

/** The rows of a page that belong to a strip and are to be written. */
const stripRows = (due: readonly DueRow[]): { readonly part: StripPart; readonly row: DueRow }[] =>
  due.flatMap((row) => {
    const { figure, cells } = row.due;
    return figure.strip && cells.some(({ kind }) => kind === 'free') ? [{ part: figure.strip, row }] : [];
  });

/** What a page's strip says of the nib that wrote it; undefined where the page has no strip, or nothing is written on it. */
export function profileIn(page: Bytes, light: Light, due: readonly DueRow[]): NibProfile | undefined {
  const rows = stripRows(due).map(({ part, row: { row, due: its } }): WrittenStrip => {
    const body = its.ground.zones.body * its.ground.unit;
    const [left, top] = [
      Math.round(its.from * P),
      Math.round((row.line.baseline - body * (1 + INNER) * 0.5) * P),
    ];
    const [width, height] = [Math.round((its.to - its.from) * P), Math.round(body * INNER * P)];
    return {
      part,
      body,
      due: its.figure.shapes.reduce((sum, { cut }) => sum + cut.upright.length, 0),
      dark: darknessIn(page, light, left, top, width, height),
    };
  });
  const full = fullInk(rows);
  if (full === undefined) return undefined;
  const seen = rows.map((row) => ({ ...row, strokes: strokesIn(row.dark, full) }));
  const strokesOf = (part: StripPart) => seen.filter((row) => row.part === part);
  const figure = (part: 'hairline' | 'full'): ProfileFigure | null => {
    const all = strokesOf(part).flatMap(({ strokes }) => strokes.map(({ thickness }) => thickness));
    return all.length < LEAST ? null : { ...medianOf(all, FLOOR[part]), count: all.length };
  };
  const loads = strokesOf('load').map(({ strokes, body, due: all }) => {
    const whole = strokes.findIndex(({ white }) => white > SPLIT);
    return { body, due: all, strokes: whole < 0 ? strokes : strokes.slice(0, whole), split: whole >= 0 };
  });
  // Rows after the first split stroke belong to no load.
  const until = loads.findIndex(({ split }) => split);
  const written = until < 0 ? loads : loads.slice(0, until + 1);
  const strokes = written.reduce((sum, row) => sum + row.strokes.length, 0);
  // A load that wrote all rows and did not split has not ended.
  const ended = until >= 0 || strokes < ROWS_FILLED * loads.reduce((sum, { due: all }) => sum + all, 0);
  const area = written.reduce(
    (sum, row) =>
      sum + row.strokes.reduce((of, { thickness, stretch }) => of + thickness * stretch * row.body, 0),
    0,
  );
  const profile: NibProfile = {
    hairline: figure('hairline'),
    full: figure('full'),
    opening: strokesOf('opening').flatMap(({ strokes: steps }) =>
      steps.map(({ thickness }) => micrometres(thickness)),
    ),
    load: strokes === 0 || !ended ? null : { area: Math.round(area), strokes },
  };
  return profile.hairline || profile.full || profile.load || profile.opening.length > 0 ? profile : undefined;
}

/** Rows that show the level of full ink, the thickest strokes first. */
const THICKEST: readonly StripPart[] = ['full', 'load', 'opening', 'hairline'];

/** Level of full ink: the middle level of the inner halves of the thickest strokes; undefined where nothing is written. */
function fullInk(rows: readonly WrittenStrip[]): number | undefined {
  for (const part of THICKEST) {
    const levels = rows.filter((row) => row.part === part).flatMap(({ dark }) => innerLevels(dark));
    if (levels.length > 0) return median(levels);
  }
  return undefined;
}

/** Darkness inside strokes, a quarter of their width from either edge. */
function innerLevels({ width, height, data }: Grey): number[] {
  const levels: number[] = [];
  for (let y = 0; y < height; y++) {
    const row = data.subarray(y * width, (y + 1) * width);
    for (let x = 0; x < width; x++) {
      const from = x;
      while (x < width && (row[x] as number) > WRITTEN) x++;
      const quarter = (x - from) / 4;
      for (let px = Math.ceil(from + quarter); px < x - quarter; px++) levels.push(row[px] as number);
    }
  }
  return levels;
}

/** Median with two standard errors of it, at least the method's error. */
function medianOf(values: readonly Mm[], floor: Mm): { value: Mm; error: Mm } {
  return { value: micrometres(median(values)), error: micrometres(Math.hypot(floor, 2 * errorOf(values))) };
}

const micrometres = (mm: Mm): Mm => Math.round(mm * 1000) / 1000;
