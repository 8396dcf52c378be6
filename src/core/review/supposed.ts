import { FAULTS, type FaultId } from '../faults/faults';
import { heldBy } from '../faults/heldBy';
import { plainFaults, shaped } from '../faults/misshapen';
import type { Degrees } from '../measure/units';
import { perObject } from '../memo/memo';
import type { DueRow } from '../practice/dueRows';
import { patchesOf } from '../raster/components';
import { PIXELS_PER_MM } from '../register/pageMap';
import { exemplarOf } from './exemplar';
import { compare, type Model } from './letter';
import { PIECE, speckOf } from './samples';
import { TRAITS, type Trait, type Traits, traitsOf } from './traits';

/** A hypothesis of how a letter was written: with a fault, or with its writer's habits. */
export interface Supposed {
  readonly fault?: FaultId;
  readonly angle?: Degrees;
  readonly slope?: Degrees;
  /** As a fraction of the nib width. */
  readonly nib?: number;
}

/** Size at which a fault is simulated: 1 is plainly visible; smaller ones are taken as proportional. */
const SIZE = 1;
/** Letters are drawn on more paper than the model asks for, in letter units: faults reach farther, strokes that slide apart to the right. */
const MORE = 1;
const APART = 3;

/**
 * What would be measured of a letter that is written so, less what is measured of its model: the model's own strokes are changed, inked by the engine and
 * measured by the code that measures photographs. It tells one cause from another: a flatter edge makes letters lower too, and a narrow
 * arch leaves its stem elsewhere, in every letter in its own way.
 */
export function shownBy(row: DueRow, model: Model, supposed: Supposed): Traits {
  const known = shown(model);
  const key = JSON.stringify(supposed);
  const found = known.get(key) ?? less(measuredAs(row, model, supposed), asItself(row, model));
  known.set(key, found);
  return found;
}

/** The model measured against itself: deviations close to 0. */
export function asItself(row: DueRow, model: Model): Traits {
  const known = shown(model);
  const found = known.get('') ?? measuredAs(row, model, {});
  known.set('', found);
  return found;
}

/** Cache by model. */
const shown = perObject((_: Model) => new Map<string, Traits>());

const less = (one: Traits, other: Traits): Traits =>
  Object.fromEntries(
    TRAITS.flatMap((trait: Trait) => {
      const [a, b] = [one[trait], other[trait]];
      return a === undefined || b === undefined ? [] : [[trait, a - b]];
    }),
  );

function measuredAs(row: DueRow, model: Model, { fault, angle = 0, slope = 0, nib = 1 }: Supposed): Traits {
  const { figure, ground } = row.due;
  const { pen, unit, zones, recipe } = ground;
  let turned = 0;
  const shapes = figure.shapes.map((shape) => {
    const xs = shape.cut.upright.flatMap(({ path }) => path.flatMap((cubic) => cubic.map(([x]) => x)));
    const own = !shape.marks && !shape.joins;
    const { strokes, turn } = shaped(
      shape.cut.upright,
      { left: Math.min(...xs), right: Math.max(...xs), body: zones.body },
      {
        width: 1,
        height: 1,
        slope: recipe.slope + slope,
        up: 0,
        wobble: 0,
        ...(fault && own && { fault: { fault, size: SIZE } }),
      },
      plainFaults,
      () => 0,
    );
    if (own) turned = turn;
    return { ...shape, cut: { ...shape.cut, strokes } };
  });
  const { left, right, top, bottom } = figure.reach;
  const reach = {
    left: left - MORE,
    right: right + (fault === 'strokes apart' ? APART : MORE),
    top: top + MORE,
    bottom: bottom - MORE,
  };
  const held = heldBy(pen, nib, angle + turned);
  const inked = exemplarOf(held, { ...figure, shapes, reach }, unit, PIXELS_PER_MM);
  const { square, speck } = speckOf(row);
  const patches = patchesOf(inked.ink).filter(({ area }) => area >= speck);
  const sample = {
    ...inked,
    pieces: patches.filter(({ area }) => area >= PIECE * square).length,
    crumbs: patches.length,
  };
  // Only a fault that turns the edge has its angle measured again.
  const edge = fault === undefined || FAULTS[fault].turns === true;
  return traitsOf(compare(sample, model, row, edge), zones.body * unit * PIXELS_PER_MM);
}
