import { countsByPen } from '../hand/hand';
import { floorTo, type Mm, plain, roundTo } from '../measure/units';
import { pageBoxes } from '../page/boxes';
import { LIMITS, type LimitId } from '../problem/limits';
import { Problem } from '../problem/problem';
import { bodyHeight, bodyRange, inRange, withBodyHeight } from '../setting/bodyHeight';
import type { Given } from '../setting/given';
import { handOf } from '../setting/handOf';
import { handSetting } from '../setting/handSetting';
import { lineSystem, linesThatFit, moduleLength } from '../setting/lineSystem';
import { offerOf } from '../setting/offerOf';
import type { Sheet } from './sheet';

/**
 * Nib width W, body height H, weight N (nib widths per body) and number of lines L hang together: H = N·W·f, where
 * f is 1 for nib widths and the dot's height per W for dots, and L lines of that size must fit into the block.
 * The user pins what is given; `settle` works out the rest.
 *
 * Hands measured in units or millimetres have no N: there the body alone decides, and every zone keeps its
 * proportion to it.
 */
export type Quantity = keyof Given;

/** Solved nib widths and weights are rounded down to what a scribe can tell apart; down, so that lines still fit. */
const WIDTH_STEP: Mm = 0.01;
const WEIGHT_STEP = 0.01;
/** H, N and W all given must agree this closely. */
const AGREEMENT: Mm = 0.01;
const BISECTIONS = 60;

const isNibMeasured = (recipe: Sheet): boolean => countsByPen(handOf(recipe));

/** The recipe with everything that follows from `given` worked out. Does not check that the lines fit. */
export function settle<S extends Sheet>(recipe: S): S {
  return isNibMeasured(recipe) ? settleByNib(recipe) : settleByBody(recipe);
}

function settleByNib<S extends Sheet>(recipe: S): S {
  const { width, bodyMm, body, lines } = recipe.given;
  const perWidth = moduleLength(recipe, 1);
  const withNib = (w: Mm, n: number): S => ({
    ...recipe,
    width: inRange('width', w),
    zones: { ...recipe.zones, body: inRange('body', n) },
  });

  if (width !== undefined && bodyMm !== undefined) {
    const weight = bodyMm / (width * perWidth);
    if (body !== undefined && Math.abs(body * width * perWidth - bodyMm) > AGREEMENT) {
      throw new Problem(
        'bodyMm',
        `A ${plain(width)} mm nib at ${plain(body)} makes a body of ${plain(body * width * perWidth)} mm, not ${plain(bodyMm)} mm. Unpin one of the three.`,
        [
          offerOf(`Keep nib and weight`, { width, body, lines }),
          offerOf(`Keep nib and body`, { width, bodyMm, lines }),
          offerOf(`Keep weight and body`, { bodyMm, body, lines }),
        ],
      );
    }
    return withNib(width, body ?? weight);
  }
  if (bodyMm !== undefined && body !== undefined) return withNib(bodyMm / (body * perWidth), body);
  if (width !== undefined && body !== undefined) return withNib(width, body);

  const weight = body ?? handSetting(recipe.hand, recipe.school).zones.body;
  if (lines === undefined || recipe.nibs.length > 0) {
    if (bodyMm !== undefined) return withNib(bodyMm / (weight * perWidth), weight);
    return withNib(width ?? recipe.width, body ?? (width !== undefined ? weight : recipe.zones.body));
  }
  const fits = (w: Mm, n: number) => linesFit(withZoneBody(recipe, n), w, lines);
  if (width !== undefined) {
    return withNib(
      width,
      fits(width, weight) ? weight : solved('body', recipe, (n) => fits(width, n), WEIGHT_STEP),
    );
  }
  if (bodyMm !== undefined) {
    const usual = bodyMm / (weight * perWidth);
    const w = fits(usual, weight)
      ? usual
      : solved('width', recipe, (candidate) => fits(candidate, bodyMm / (candidate * perWidth)), WIDTH_STEP);
    return withNib(w, bodyMm / (w * perWidth));
  }
  return withNib(
    solved('width', recipe, (w) => fits(w, weight), WIDTH_STEP),
    weight,
  );
}

function settleByBody<S extends Sheet>(recipe: S): S {
  const { bodyMm, lines } = recipe.given;
  const settled =
    recipe.given.width === undefined ? recipe : { ...recipe, width: inRange('width', recipe.given.width) };
  if (bodyMm !== undefined) return withBodyHeight(settled, bodyMm);
  if (lines === undefined) return settled;
  return withBodyHeight(
    settled,
    solved(
      'bodyMm',
      recipe,
      (height) => linesFit(withBodyHeight(settled, height), recipe.width, lines),
      WIDTH_STEP,
    ),
  );
}

const withZoneBody = <S extends Sheet>(recipe: S, body: number): S => ({
  ...recipe,
  zones: { ...recipe.zones, body },
});

const linesFit = (recipe: Sheet, width: Mm, lines: number): boolean =>
  linesThatFit(lineSystem(recipe), moduleLength(recipe, width), pageBoxes(recipe).block.height) >= lines;

/**
 * The largest value of a quantity for which the lines fit, rounded down to `step`. Every line only grows with each
 * quantity, so bisection finds it.
 * @throws Problem when the lines do not fit even at the quantity's lower limit.
 */
function solved(id: LimitId, recipe: Sheet, fits: (value: number) => boolean, step: number): number {
  const value = largest(boundsOf(id, recipe), fits, step);
  if (value !== undefined) return value;
  throw new Problem(
    'lines',
    `${recipe.given.lines} lines do not fit on this sheet, even at the smallest ${LIMITS[id].label.toLowerCase()} of ${LIMITS[id].low} ${LIMITS[id].unit}. Ask for fewer lines.`.replace(
      '  ',
      ' ',
    ),
  );
}

interface Bounds {
  readonly low: number;
  readonly high: number;
}

/** Range of a quantity. */
const boundsOf = (id: LimitId, recipe: Sheet): Bounds => (id === 'bodyMm' ? bodyRange(recipe) : LIMITS[id]);

function largest(bounds: Bounds, fits: (value: number) => boolean, step: number): number | undefined {
  let { low, high } = bounds;
  if (!fits(low)) return undefined;
  if (fits(high)) return high;
  for (let i = 0; i < BISECTIONS; i++) {
    const middle = (low + high) / 2;
    if (fits(middle)) low = middle;
    else high = middle;
  }
  return floorTo(low, step);
}

/**
 * The largest size at which `lines` lines fit, all else as in the recipe: a nib for hands measured by the nib, a
 * body for the others; empty when none in range does.
 */
export function largestForLines(recipe: Sheet, lines: number): Pick<Given, 'width' | 'bodyMm'> {
  if (isNibMeasured(recipe)) {
    const width = largest(LIMITS.width, (w) => linesFit(recipe, w, lines), WIDTH_STEP);
    return width === undefined ? {} : { width };
  }
  const bodyMm = largest(
    boundsOf('bodyMm', recipe),
    (h) => linesFit(withBodyHeight(recipe, h), recipe.width, lines),
    WIDTH_STEP,
  );
  return bodyMm === undefined ? {} : { bodyMm };
}

/** How many lines the block holds at the recipe's settled size. */
export const roomForLines = (recipe: Sheet): number =>
  linesThatFit(lineSystem(recipe), moduleLength(recipe, recipe.width), pageBoxes(recipe).block.height);

/**
 * Which pins are released when a new one would over-determine the sheet. The weight belongs to the hand and is released last: a new nib
 * or weight releases the body; a new body or number of lines releases the nib.
 */
const YIELDS: Readonly<Record<Quantity, readonly Quantity[]>> = {
  width: ['bodyMm'],
  body: ['bodyMm'],
  bodyMm: ['width'],
  lines: ['width', 'bodyMm'],
};

/**
 * Pins one quantity at a value. Other pins yield where all could not hold; a pinned number of lines that no longer
 * fits turns back into "as many as fit".
 * @throws Problem when the value cannot be reached whatever yields.
 */
export function pin<S extends Sheet>(recipe: S, quantity: Quantity, value: number): S {
  const given = { ...recipe.given, [quantity]: value };
  if (quantity === 'lines' || overDetermined(given)) {
    for (const other of YIELDS[quantity]) delete given[other];
  }
  if (!isNibMeasured(recipe)) delete given.body;
  const attempt = () => settle({ ...recipe, given });
  if (quantity === 'lines' || given.lines === undefined) return attempt();
  try {
    const settled = attempt();
    if (roomForLines(settled) >= given.lines) return settled;
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
  }
  delete given.lines;
  return attempt();
}

const overDetermined = (given: Given): boolean =>
  given.width !== undefined && given.bodyMm !== undefined && given.body !== undefined;

/** Lets a quantity follow from the others. */
export function unpin<S extends Sheet>(recipe: S, quantity: Quantity): S {
  const { [quantity]: _, ...given } = recipe.given;
  return settle({ ...recipe, given });
}

/** Pins a quantity at the value it has now, keeping every other pin (the toggle beside a reading). */
export function pinHere<S extends Sheet>(recipe: S, quantity: Quantity): S {
  const now: Record<Quantity, number> = {
    width: recipe.width,
    bodyMm: roundTo(bodyHeight(recipe), 0.001),
    body: recipe.zones.body,
    // A page of the lowest bodies can hold more lines than may be asked for.
    lines: recipe.given.lines ?? Math.min(roomForLines(recipe), LIMITS.lines.high),
  };
  return settle({ ...recipe, given: { ...recipe.given, [quantity]: now[quantity] } });
}
