import type { Mm } from '../measure/units';
import type { Box } from '../page/boxes';
import type { DueRow } from '../practice/dueRows';
import { type Component, componentsOf, inkedOf } from '../raster/components';
import { type Bytes, cropped, type Grey } from '../raster/grey';
import { PIXELS_PER_MM } from '../register/pageMap';
import type { PrintedLine } from './due';
import type { Inked } from './exemplar';
import { darknessIn, type Light } from './light';

/** Ink of one letter, or one word, of a row. */
export interface Sample extends Inked {
  /** Its bounding box on the page. */
  readonly box: Box;
  /** Connected components large enough to count; total including specks. */
  readonly pieces: number;
  readonly crumbs: number;
  /** Written over a printed model: shown, but not judged. */
  readonly traced: boolean;
}

/** What was read on a row. */
export interface RowRead {
  readonly due: DueRow;
  readonly samples: readonly Sample[];
  /** How far below its place the baseline was found in the picture, in mm; undefined where it was not found. */
  readonly lineOff: Mm | undefined;
}

const P = PIXELS_PER_MM;
/** Margin added to each side of a cell, because letters stray over its bounds. */
const WIDER: Mm = 3;
/** Search range around the place of a ruled line, and its maximum width in the picture, in pixels. */
const LOST: Mm = 0.9;
const LINE_REACH = 4;
/** Darkness above which a pixel is writing, not ruling. */
const WRITTEN = 0.5;
/** Maximum darkness above and below a line for a column without ink; `FULL` is the quantile of written darkness taken as full ink. */
const CLEAR = 0.2;
const FULL = 0.7;
/** Sampling stride for the level of full ink; minimum number of samples. */
const SOME = 3;
const LEAST_LEVELS = 30;
/** Minimum darkness of ink, below which it cannot be told from ruling; maximum area of dust, as a fraction of a square nib. */
const LEAST_INK = 0.3;
const SPECK = 0.05;
/** Minimum area of a piece of a letter, as a fraction of a square nib: a dot counts, a crumb of a hairline does not. The model's pieces count from a smaller area. */
export const PIECE = 0.3;
export const MODEL_PIECE = 0.1;

/** Maximum offset of a line from its place in the picture, in pixels. */
const ASTRAY = 4;
/** Stride of columns for the darkness of a line. */
const SPARSELY = 3;
/** Quantile of column darkness that represents a dashed line; fraction of full ink below which a line is pale; fraction above which a pixel on it is ink. */
const DASHED = 0.8;
const PALE = 0.6;
const INKED = 0.75;

/** Reads a row: removes the ruling and segments the ink into letters. */
export function readRow(page: Bytes, light: Light, due: DueRow, lines: readonly PrintedLine[]): RowRead {
  const { line, x: rowX, width: rowWidth } = due.row;
  const left = Math.floor((rowX - WIDER) * P);
  const top = Math.floor((line.top - WIDER) * P);
  const width = Math.ceil((rowWidth + 2 * WIDER) * P);
  const height = Math.ceil((line.bottom - line.top + 2 * WIDER) * P);
  const dark = darknessIn(page, light, left, top, width, height);
  const found = baselineOff(dark, line.baseline * P - top, due, left);
  const lineOff = found ?? 0;
  const ink = inkFrom(dark, lines, left, top, lineOff);
  return {
    due,
    samples: ink ? samplesIn(ink, left, top, due, line.baseline * P - top + lineOff) : [],
    lineOff: found === undefined ? undefined : lineOff / P,
  };
}

/**
 * Ink coverage, 0 to 1, of a part of a page; works in place on the given darkness. Ruled lines are removed outside crossing ink; a line
 * darker than half the ink is kept only where ink continues above and below. `left` and `top` locate the part on the page, `lineOff` is the
 * measured offset of the lines below their places, all in pixels. Undefined where nothing is written.
 */
export function inkFrom(
  dark: Grey,
  lines: readonly PrintedLine[],
  left: number,
  top: number,
  lineOff: number,
): Grey | undefined {
  const full = fullInk(dark);
  if (full < LEAST_INK) return undefined;
  for (const printed of lines) takeOut(dark, printed, left, top, lineOff, full);
  const { data } = dark;
  for (let i = 0; i < data.length; i++) data[i] = Math.min(1, (data[i] as number) / full);
  return dark;
}

/** Level of full ink: a quantile of the pixels darker than ruling; 0 with too few samples. */
function fullInk({ data }: Grey): number {
  const levels = new Float32Array(Math.ceil(data.length / SOME));
  let count = 0;
  for (let i = 0; i < data.length; i += SOME) {
    const level = data[i] as number;
    if (level > WRITTEN) levels[count++] = level;
  }
  return count < LEAST_LEVELS ? 0 : (levels.subarray(0, count).sort()[Math.floor(FULL * count)] as number);
}

/** Offset of the baseline below its place, in pixels: the peak of the median darkness over columns without ink. */
function baselineOff(dark: Grey, baseline: number, { due }: DueRow, left: number): number | undefined {
  const reach = Math.ceil(LOST * P);
  const [from, to] = [
    Math.max(0, Math.round(due.from * P) - left),
    Math.min(dark.width, Math.round(due.to * P) - left),
  ];
  const profile: number[] = [];
  const base = Math.round(baseline - 0.5);
  if (base - reach - 4 < 0 || base + reach + 4 >= dark.height) return undefined;
  const clear: number[] = [];
  for (let x = from; x < to; x += 2) {
    const near = [-1, 1].map((side) => dark.data[(base + side * (reach + 4)) * dark.width + x] as number);
    if (near.every((value) => value < CLEAR)) clear.push(x);
  }
  if (clear.length < 20) return undefined;
  for (let off = -reach - 3; off <= reach + 3; off++) {
    const values = clear.map((x) => dark.data[(base + off) * dark.width + x] as number);
    values.sort((a, b) => a - b);
    profile.push(values[values.length >> 1] as number);
  }
  const ground = [...profile].sort((a, b) => a - b)[profile.length >> 2] as number;
  let peak = 3;
  for (let i = 3; i < profile.length - 3; i++)
    if ((profile[i] as number) > (profile[peak] as number)) peak = i;
  if ((profile[peak] as number) - ground < 0.03) return undefined;
  let [sum, moment] = [0, 0];
  for (let i = peak - 3; i <= peak + 3; i++) {
    const weight = Math.max(0, (profile[i] as number) - ground);
    sum += weight;
    moment += weight * (i - reach - 3);
  }
  return base + 0.5 + moment / sum - baseline;
}

/** Removes one printed line: ink that crosses it stays, ink that ends on it ends there. */
function takeOut(
  dark: Grey,
  line: PrintedLine,
  left: number,
  top: number,
  lineOff: number,
  full: number,
): void {
  const half = (line.width * P) / 2 + LINE_REACH - 1;
  const [x1, y1, x2, y2] = [
    line.x1 * P - left,
    line.y1 * P - top + lineOff,
    line.x2 * P - left,
    line.y2 * P - top + lineOff,
  ];
  const level = Math.abs(x2 - x1) > Math.abs(y2 - y1);
  const { width, height, data } = dark;
  const [a1, b1, a2, b2] = level ? [x1, y1, x2, y2] : [y1, x1, y2, x2];
  const [from, to] = [Math.min(a1, a2), Math.max(a1, a2)];
  const [most, across] = level ? [width, height] : [height, width];
  const at = (a: number, b: number) => (level ? b * width + a : a * width + b);
  const [first, last] = [Math.max(0, Math.floor(from)), Math.min(most, Math.ceil(to))];
  let aside = 0;
  const bandAt = (a: number, wider = 0): readonly [number, number] | undefined => {
    const b = b1 + ((a + 0.5 - a1) / (a2 - a1 || 1)) * (b2 - b1) + aside;
    const [low, high] = [Math.round(b - half - wider) - 1, Math.round(b + half + wider)];
    return low < 0 || high >= across ? undefined : [low, high];
  };
  // Columns without writing beside the line show its place in the picture and its own darkness.
  const own: number[] = [];
  const profile = new Float64Array(Math.ceil(2 * (half + ASTRAY)) + 4);
  for (let a = first; a < last; a += SPARSELY) {
    const band = bandAt(a, ASTRAY);
    if (!band) continue;
    const [low, high] = band;
    if ((data[at(a, low)] as number) > CLEAR || (data[at(a, high)] as number) > CLEAR) continue;
    let darkest = 0;
    for (let k = low + 1; k < high; k++) {
      const value = data[at(a, k)] as number;
      darkest = Math.max(darkest, value);
      profile[k - low] = (profile[k - low] as number) + value;
    }
    own.push(darkest);
  }
  if (own.length > 0) {
    const middle = half + ASTRAY + 1;
    const sum = profile.reduce((all, value) => all + value, 0);
    const moment = profile.reduce((all, value, i) => all + value * (i + 0.5 - middle), 0);
    if (sum > 0) aside = Math.max(-ASTRAY, Math.min(ASTRAY, moment / sum));
  }
  // Full ink over a pale line stays. A line as dark as ink is removed wherever no ink crosses it.
  own.sort((x, y) => x - y);
  const itself = own[Math.floor(DASHED * own.length)] ?? 0;
  const kept = itself > PALE * full ? Number.POSITIVE_INFINITY : INKED * full;
  for (let a = first; a < last; a++) {
    const band = bandAt(a);
    if (!band) continue;
    const [low, high] = band;
    const [before, after] = [data[at(a, low)] as number, data[at(a, high)] as number];
    for (let k = low + 1; k < high; k++) {
      const share = (k - low) / (high - low);
      const straight = before * (1 - share) + after * share;
      const value = data[at(a, k)] as number;
      if (value < kept && straight < value) data[at(a, k)] = straight;
    }
  }
}

/** Area of a square nib of a row, and maximum area of a speck, in pixels. */
export function speckOf({ due: { ground } }: DueRow): { readonly square: number; readonly speck: number } {
  const { pen, unit } = ground;
  const nib = (pen.kind === 'broad' ? pen.width : pen.kind === 'pointed' ? pen.spread : LINE) * unit * P;
  return { square: nib * nib, speck: SPECK * nib * nib };
}
/** Equivalent nib width of a monoline pen, in letter units. */
const LINE = 0.6;

interface Cluster {
  readonly parts: readonly Component[];
  readonly left: number;
  readonly right: number;
}

/** Groups connected components into letters: those that overlap, and neighbours that together are no wider than a letter. */
function samplesIn(ink: Grey, left: number, top: number, dueRow: DueRow, baseline: number): Sample[] {
  const { due, row } = dueRow;
  const { figure, ground, cells, from, to, running } = due;
  const scale = ground.unit * P;
  const { square, speck } = speckOf(dueRow);
  const { labels, components } = componentsOf(inkedOf(ink), ink.width, ink.height);
  const upper = row.line.top * P - top - 0.5 * P;
  const lower = row.line.bottom * P - top + 0.5 * P;
  const kept = components.filter((part) => {
    const [x, y] = [(part.left + part.right) / 2 + left, (part.top + part.bottom) / 2];
    return part.area >= speck && x >= from * P && x <= to * P + P && y > upper && y < lower;
  });
  const wide = (figure.reach.right - figure.reach.left) * scale;
  const clusters = running
    ? cells.map(
        (cell): Cluster =>
          clusterOf(kept.filter(({ left: l, right: r }) => inBox((l + r) / 2 + left, cell.box))),
      )
    : clustered(kept, wide);
  const writtenIn = (cluster: Cluster) =>
    cells.find(({ box }) => inBox((cluster.left + cluster.right) / 2 + left, box));
  return clusters
    .filter(({ parts, left: l, right: r }) => parts.length > 0 && r - l > 0.3 * wide)
    .map((cluster): Sample => {
      const own = new Set(cluster.parts.map(({ label }) => label));
      const [x0, x1] = [cluster.left - 4, cluster.right + 4];
      const y0 = Math.max(0, Math.min(...cluster.parts.map((part) => part.top)) - 4);
      const y1 = Math.min(ink.height, Math.max(...cluster.parts.map((part) => part.bottom)) + 4);
      const cut = cropped(ink, x0, y0, x1 - x0, y1 - y0);
      // Excludes ink of neighbouring components; edge pixels lighter than half belong to none and are kept.
      const [first, last] = [Math.max(0, -x0), Math.min(cut.width, ink.width - x0)];
      for (let y = 0; y < cut.height; y++) {
        const row = (y + y0) * ink.width + x0;
        for (let x = first; x < last; x++) {
          const label = labels[row + x] as number;
          if (label !== 0 && !own.has(label)) cut.data[y * cut.width + x] = 0;
        }
      }
      const kind = writtenIn(cluster)?.kind;
      return {
        ink: cut,
        baseline: baseline - y0,
        origin: 4,
        box: {
          x: (cluster.left + left) / P,
          y: (y0 + 4 + top) / P,
          width: (cluster.right - cluster.left) / P,
          height: (y1 - y0 - 8) / P,
        },
        pieces: cluster.parts.filter(({ area }) => area >= PIECE * square).length,
        crumbs: cluster.parts.length,
        traced: kind === 'trace' || kind === 'fading' || kind === 'model',
      };
    });
}

const inBox = (x: number, box: Box): boolean => x >= box.x * P && x < (box.x + box.width) * P;

const clusterOf = (parts: readonly Component[]): Cluster => ({
  parts,
  left: Math.min(...parts.map(({ left }) => left)),
  right: Math.max(...parts.map(({ right }) => right)),
});

/** Maximum width of a group, as a multiple of the letter's: for overlapping components, and for neighbours. */
const MOST = 1.75;
const ONE = 1.4;
/** Maximum width of a component that may be a part of a letter, and maximum gap to the next, as fractions of the letter's width. */
const PART = 0.65;
const NEAR = 0.4;

function clustered(components: readonly Component[], wide: number): Cluster[] {
  const sorted = [...components].sort((a, b) => a.left - b.left).map((part) => clusterOf([part]));
  const clusters: Cluster[] = [];
  for (const next of sorted) {
    const last = clusters.at(-1);
    const joined = last && clusterOf([...last.parts, ...next.parts]);
    const width = joined ? joined.right - joined.left : 0;
    const overlaps = last && next.left < last.right - 2;
    const narrow = last && Math.min(last.right - last.left, next.right - next.left) < PART * wide;
    const near = last && next.left - last.right < NEAR * wide;
    if (joined && ((overlaps && width < MOST * wide) || (narrow && near && width < ONE * wide))) {
      clusters[clusters.length - 1] = joined;
    } else clusters.push(next);
  }
  return clusters;
}
