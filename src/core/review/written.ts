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

/** Target width of a group of letters, in body heights: enough strokes in several directions to read the edge. */
const GROUP = 2.6;
/** Minimum area of a component, as a fraction of the body squared (smaller are dust and dots), and minimum height, as a fraction of the body. */
const SPECK = 0.01;
const LEAST_HIGH = 0.35;

interface Patch {
  readonly label: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Neighbouring letters measured together; lengths in pixels, x from the left of the source picture. The edge takes most of the time and is read lazily. */
export interface Group {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly edge: () => Edge | undefined;
  readonly stems: readonly Stem[];
  /** Ends, over the baseline, of components that stand on the baseline and reach the waistline. */
  readonly tops: readonly number[];
  readonly feet: readonly number[];
}

/** Maximum deviation of a plausible pen angle from the nominal one, and of its nib width, as a fraction. */
const MOST_OFF: Degrees = 25;
const MOST_WIDER = 0.4;
/** Maximum lean beyond the slope of a stem; straight strokes that lean more are diagonals. */
const MOST_LEAN: Degrees = 14;
/** Maximum distance of a component's ends from its lines, as a fraction of the body. */
const ON_LINES = 0.2;

/** Measurements of a row's ink. */
export interface Written {
  readonly groups: readonly Group[];
  /** From all its strokes together. */
  readonly edge: () => Edge | undefined;
}

/** Measures the ink of a row, as a whole and per group; used for the scribe's ink and for the model. */
export function writtenIn(ink: Grey, baseline: number, ground: Ground): Written {
  const { zones, unit, pen, recipe } = ground;
  const body = zones.body * unit * P;
  const { labels, components } = componentsOf(inkedOf(ink), ink.width, ink.height);
  const patches = components
    .filter(
      ({ area, top, bottom }) =>
        area > SPECK * body * body &&
        bottom - top > LEAST_HIGH * body &&
        // Components outside the body belong to a neighbouring row, or are marks.
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
    // Strokes in one direction do not determine an edge; their reading is implausible and dropped.
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
        // Excludes diagonals, which are straight too.
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
