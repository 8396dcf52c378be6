import { type Degrees, tanDeg } from '../measure/units';
import { once } from '../memo/memo';
import type { Ground } from '../practice/ground';
import { componentsOf, inkedOf } from '../raster/components';
import { cropped, type Grey } from '../raster/grey';
import { PIXELS_PER_MM } from '../register/pageMap';
import { handOf } from '../setting/handOf';
import { type Edge, edgeOf } from './chords';
import { type Stem, stemsOf } from './stems';

const P = PIXELS_PER_MM;

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

/** Some neighbouring letters, measured together; lengths in pixels, x from the left of the picture they were cut from. Edges take the most time, and are sought when they are asked for. */
export interface Group {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly edge: () => Edge | undefined;
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
export interface Written {
  readonly groups: readonly Group[];
  /** Of all its strokes together. */
  readonly edge: () => Edge | undefined;
}

/** Measures a row's ink, as a whole and group by group: the scribe's and the model's by the same code. */
export function writtenIn(ink: Grey, baseline: number, ground: Ground): Written {
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
      edge: once(() => edgeIn(cut)),
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
  return { groups, edge: once(() => (groups.length === 0 ? undefined : edgeIn(ink))) };
}
