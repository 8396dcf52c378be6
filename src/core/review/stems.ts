import type { Degrees } from '../measure/units';
import type { Grey } from '../raster/grey';

/** A straight downstroke: its x at half the body height, its lean, its horizontal width and its edge roughness. */
export interface Stem {
  readonly x: number;
  /** Lean to the right of vertical. */
  readonly slope: Degrees;
  readonly width: number;
  readonly rows: number;
  /** Root mean square residual of its edges about their fitted lines. */
  readonly ragged: number;
}

/** Part of the body in which stems are searched, as fractions from the baseline. */
const FROM = 0.16;
const TO = 0.8;
/** Minimum length of a chain that is a stem, as a fraction of the body; tolerance of its runs about the most common width. */
const LEAST = 0.27;
const LIKE = 0.22;
/** Maximum move of a run's middle from one row to the next, beyond the lean, in pixels. */
const STRAY = 1.6;
/** Tolerance of the joint of two chains on one line, as a fraction of the stem's width (geometry: half the width would reach the stem's edge). */
const ON_ONE_LINE = 0.25;
/** Maximum lean. */
const MOST_LEAN = Math.tan((60 * Math.PI) / 180);

interface Run {
  readonly y: number;
  readonly left: number;
  readonly right: number;
}

/** Runs of ink in a row; ends are interpolated where coverage crosses one half. */
function runsIn({ width, data }: Grey, row: number): { left: number; right: number }[] {
  const runs: { left: number; right: number }[] = [];
  let before = 0;
  let start = 0;
  for (let x = 0; x <= width; x++) {
    const value = x < width ? (data[row * width + x] as number) : 0;
    if (value >= 0.5 && before < 0.5) start = x - 0.5 + (0.5 - before) / (value - before);
    else if (value < 0.5 && before >= 0.5) {
      runs.push({ left: start, right: x - 0.5 + (before - 0.5) / (before - value) });
    }
    before = value;
  }
  return runs;
}

/** Least-squares line x = a + b·y, and its root mean square residual. */
function lineThrough(ys: readonly number[], xs: readonly number[]): { a: number; b: number; rms: number } {
  const n = ys.length;
  const my = ys.reduce((s, y) => s + y, 0) / n;
  const mx = xs.reduce((s, x) => s + x, 0) / n;
  let [syy, sxy] = [0, 0];
  for (let i = 0; i < n; i++) {
    syy += ((ys[i] as number) - my) ** 2;
    sxy += ((ys[i] as number) - my) * ((xs[i] as number) - mx);
  }
  const b = syy > 0 ? sxy / syy : 0;
  const a = mx - b * my;
  const rms = Math.sqrt(xs.reduce((s, x, i) => s + (x - a - b * (ys[i] as number)) ** 2, 0) / n);
  return { a, b, rms };
}

/** Robust line: least squares through all points, then twice more without outliers. */
function robust(ys: readonly number[], xs: readonly number[]) {
  let [keptY, keptX] = [ys, xs];
  let line = lineThrough(keptY, keptX);
  for (let turn = 0; turn < 2; turn++) {
    const most = Math.max(0.8, 2 * line.rms);
    const keep = ys.map((y, i) => Math.abs((xs[i] as number) - line.a - line.b * y) <= most);
    const [y, x] = [ys.filter((_, i) => keep[i]), xs.filter((_, i) => keep[i])];
    if (y.length < 4) break;
    [keptY, keptX] = [y, x];
    line = lineThrough(keptY, keptX);
  }
  return { ...line, rows: keptY.length };
}

/**
 * Finds the straight stems of a letter or word. `baseline` is a row of the picture and `body` the body height, both in pixels; `lean` is
 * the tangent of the expected slope.
 */
export function stemsOf(ink: Grey, baseline: number, body: number, lean: number): Stem[] {
  const [first, last] = [
    Math.max(0, Math.round(baseline - TO * body)),
    Math.min(ink.height - 1, Math.round(baseline - FROM * body)),
  ];
  if (last - first < 4) return [];
  const rows: Run[][] = [];
  for (let row = first; row <= last; row++)
    rows.push(runsIn(ink, row).map((run) => ({ y: row + 0.5, ...run })));
  const width = commonest(rows.flat().map(({ left, right }) => right - left));
  if (width === undefined) return [];
  const like = ({ left, right }: Run) => Math.abs(right - left - width) <= LIKE * width + 1;
  const chains: Run[][] = [];
  let open: Run[][] = [];
  for (const runs of rows) {
    const still: Run[][] = [];
    for (const run of runs.filter(like)) {
      const middle = (run.left + run.right) / 2;
      const chain = open.find((one) => {
        const end = one.at(-1) as Run;
        const expected = (end.left + end.right) / 2 - lean * (run.y - end.y);
        return (
          end.y !== run.y &&
          run.y - end.y <= 2 &&
          Math.abs(middle - expected) <= STRAY + 0.4 * (run.y - end.y)
        );
      });
      if (chain) {
        chain.push(run);
        still.push(chain);
      } else {
        const made = [run];
        chains.push(made);
        still.push(made);
      }
    }
    const lastRow = runs[0]?.y ?? Number.NaN;
    open = [...new Set([...still, ...open.filter((one) => lastRow - (one.at(-1) as Run).y < 2)])];
  }
  const half = baseline - body / 2;
  return joined(chains.filter(({ length }) => length >= LEAST * body))
    .flatMap((chain) => stemFrom(chain, half))
    .sort((a, b) => a.x - b.x);
}

/** Merges chains on one line into one stem, because a crossing bar (as in F) divides its runs. Expects the chains from the top down. */
function joined(chains: readonly (readonly Run[])[]): Run[][] {
  const stems: Run[][] = [];
  for (const chain of chains) {
    const first = chain[0] as Run;
    const upper = stems.find((stem) => continues(stem, first));
    if (upper) upper.push(...chain);
    else stems.push([...chain]);
  }
  return stems;
}

const middleOf = ({ left, right }: Run): number => (left + right) / 2;

/** Tells whether a run below a stem lies on its line, within a fraction of the stem's width. */
function continues(stem: readonly Run[], below: Run): boolean {
  if ((stem.at(-1) as Run).y >= below.y) return false;
  const { a, b } = lineThrough(
    stem.map(({ y }) => y),
    stem.map(middleOf),
  );
  return Math.abs(middleOf(below) - a - b * below.y) <= ON_ONE_LINE * (below.right - below.left);
}

function stemFrom(chain: readonly Run[], half: number): Stem[] {
  // Starts from the middle of the chain, because its ends may belong to turns.
  const skip = Math.floor(chain.length * 0.12);
  const kept = chain.slice(skip, chain.length - skip);
  const ys = kept.map(({ y }) => y);
  const left = robust(
    ys,
    kept.map((run) => run.left),
  );
  const right = robust(
    ys,
    kept.map((run) => run.right),
  );
  const n = Math.min(left.rows, right.rows);
  if (n < 4) return [];
  // Edges that are not parallel belong to a curve, or to two strokes that meet.
  const rms = Math.max(left.rms, right.rms);
  if (Math.abs(left.b - right.b) > 0.05 + (10 * rms) / n ** 1.5) return [];
  if (bowed(kept) > 0.016 * kept.length + 0.5) return [];
  const b = -(left.b + right.b) / 2;
  if (Math.abs(b) > MOST_LEAN) return [];
  const at = (line: { a: number; b: number }) => line.a + line.b * half;
  return [
    {
      x: (at(left) + at(right)) / 2,
      slope: (Math.atan(b) * 180) / Math.PI,
      width: at(right) - at(left),
      rows: kept.length,
      ragged: Math.sqrt((left.rms ** 2 + right.rms ** 2) / 2),
    },
  ];
}

/** Distance of the middle third of a chain from the line through its outer thirds. */
function bowed(chain: readonly Run[]): number {
  const third = Math.floor(chain.length / 3);
  if (third < 2) return 0;
  const mean = (runs: readonly Run[], of: (run: Run) => number) =>
    runs.reduce((s, run) => s + of(run), 0) / runs.length;
  const parts = [chain.slice(0, third), chain.slice(third, -third), chain.slice(-third)].map((part) => ({
    y: mean(part, ({ y }) => y),
    x: mean(part, ({ left, right }) => (left + right) / 2),
  }));
  const [a, m, c] = parts as [{ x: number; y: number }, { x: number; y: number }, { x: number; y: number }];
  const share = (m.y - a.y) / (c.y - a.y);
  return Math.abs(m.x - a.x - share * (c.x - a.x));
}

/** Mode of the widths: the middle of their densest window (from w to 1.2 w + 1 pixel), weighted by the square root of width. */
function commonest(widths: readonly number[]): number | undefined {
  if (widths.length < 6) return undefined;
  const sorted = [...widths].filter((width) => width > 1).sort((a, b) => a - b);
  let best = 0;
  let from = 0;
  let found: number | undefined;
  for (let to = 0; to < sorted.length; to++) {
    while ((sorted[to] as number) > (sorted[from] as number) * 1.2 + 1) from += 1;
    // Weighted towards wide runs, because a stem is wider than a hairline.
    const weight = (to - from + 1) * Math.sqrt(sorted[from] as number);
    if (weight > best) {
      best = weight;
      found = sorted[(from + to) >> 1];
    }
  }
  return found;
}
