import { countsByPen } from '../hand/hand';
import type { Mm } from '../measure/units';
import { type Box, type PageBoxes, pageBoxes } from './furniture';
import { LIMITS, outOfRange } from './limits';
import { heightOfLines, lineSystem, linesThatFit, moduleLength } from './lineSystem';
import { Problem } from './problem';
import { type Recipe, recipeHand } from './recipe';
import { largestForLines } from './solve';

/** Where the lines of one ruled line lie on the page, y downwards in mm; null for a line the hand does not have. */
export interface RuledLine {
  readonly baseline: Mm;
  readonly waistline: Mm | null;
  readonly ascender: Mm | null;
  readonly descender: Mm | null;
  readonly capital: Mm | null;
  readonly branch: Mm | null;
  readonly smallCapital: Mm | null;
  /** Upper and lower edge of the zones together. */
  readonly top: Mm;
  readonly bottom: Mm;
}

/** Lines ruled for one nib: the whole block, or one strip of a comparison sheet. */
export interface Band {
  readonly width: Mm;
  readonly module: Mm;
  readonly top: Mm;
  readonly lines: readonly RuledLine[];
}

export interface SheetLayout extends PageBoxes {
  readonly bands: readonly Band[];
  /** Baseline to baseline in the first band. */
  readonly pitch: Mm;
  /** Height of the block under the last line. */
  readonly reserve: Mm;
}

/** Room for the caption over each strip of a comparison sheet. */
export const BAND_CAPTION: Mm = 6;
/** White between strips of a comparison sheet. */
const BAND_GAP: Mm = 4;

/**
 * The arithmetic of a sheet: every line's place on the page.
 * @throws Problem when not one line fits, when more lines are given than fit, or when the hand cannot be compared by nibs.
 */
export function layoutSheet(recipe: Recipe): SheetLayout {
  const boxes = pageBoxes(recipe);
  const bands =
    recipe.bands.length > 0 ? comparisonBands(recipe, boxes.block) : [singleBand(recipe, boxes.block)];
  const lastLine = bands.at(-1)?.lines.at(-1);
  const end = boxes.block.y + boxes.block.height;
  return {
    ...boxes,
    bands,
    pitch: lineSystem(recipe).pitch * (bands[0]?.module ?? 0),
    reserve: end - (lastLine?.bottom ?? boxes.block.y),
  };
}

function singleBand(recipe: Recipe, block: Box): Band {
  const system = lineSystem(recipe);
  const module = moduleLength(recipe, recipe.width);
  const room = linesThatFit(system, module, block.height);
  if (room === 0) throw noLineFits(recipe);
  const count = recipe.given.lines ?? room;
  if (count > room) throw tooManyLines(recipe, count, room);
  return { width: recipe.width, module, top: block.y, lines: placeLines(recipe, module, block.y, count) };
}

function comparisonBands(recipe: Recipe, block: Box): Band[] {
  const hand = recipeHand(recipe);
  if (!countsByPen(hand)) {
    throw new Problem(
      'bands',
      `A comparison sheet shows what another nib makes of the same hand; ${hand.name} is not measured by its nib. Choose a broad-edge hand, or rule a single sheet.`,
    );
  }
  const system = lineSystem(recipe);
  const modules = recipe.bands.map((width) => moduleLength(recipe, width));
  const sum = modules.reduce((total, module) => total + module, 0);
  const captions = recipe.bands.length * BAND_CAPTION + (recipe.bands.length - 1) * BAND_GAP;
  // The strips together are one line system of the summed module: each holds the same number of lines.
  const room = linesThatFit(system, sum, block.height - captions);
  const count = Math.min(recipe.given.lines ?? room, room);
  if (room === 0) {
    throw new Problem(
      'bands',
      'These nibs do not fit on the sheet together, not even with one line each. Take smaller nibs, fewer of them, or a larger sheet.',
    );
  }
  let top = block.y;
  return recipe.bands.map((width, index) => {
    const module = modules[index] as Mm;
    const band = { width, module, top, lines: placeLines(recipe, module, top + BAND_CAPTION, count) };
    top += BAND_CAPTION + heightOfLines(system, module, count) + BAND_GAP;
    return band;
  });
}

/** @throws Problem for a body too low to rule; this also bounds how many lines a page can hold. */
function placeLines(recipe: Recipe, module: Mm, top: Mm, count: number): RuledLine[] {
  const bodyMm = recipe.zones.body * module;
  if (bodyMm < LIMITS.bodyMm.low - 1e-9) throw new Problem('bodyMm', outOfRange(LIMITS.bodyMm, bodyMm));
  const { above, pitch } = lineSystem(recipe);
  return Array.from({ length: count }, (_, index) =>
    ruledLine(recipe, module, top + (above + index * pitch) * module),
  );
}

/** The lines of one ruled line whose baseline is given. */
export function ruledLine(recipe: Recipe, module: Mm, baseline: Mm): RuledLine {
  const { zones, capitalsOnly } = recipe;
  const system = lineSystem(recipe);
  const hasCapital = zones.capital > 0;
  const over = (height: number) => baseline - height * module;
  const inside = (height: number | null) => (height !== null && height <= system.above ? over(height) : null);
  return {
    baseline,
    waistline: capitalsOnly && hasCapital ? null : over(zones.body),
    ascender: capitalsOnly || zones.ascender === 0 ? null : over(zones.body + zones.ascender),
    descender: capitalsOnly || zones.descender === 0 ? null : over(-zones.descender),
    capital: hasCapital ? over(zones.capital) : null,
    branch: inside(zones.branch),
    smallCapital: inside(zones.smallCapital),
    top: over(system.above),
    bottom: over(-system.below),
  };
}

function noLineFits(recipe: Recipe): Problem {
  const largest = largestForLines(recipe, 1);
  if (largest.width !== undefined) {
    return new Problem(
      'width',
      `Not one line fits on this sheet. The largest nib that fits one is ${largest.width} mm.`,
      [{ label: `Use ${largest.width} mm`, given: { width: largest.width, body: recipe.zones.body } }],
    );
  }
  if (largest.bodyMm !== undefined) {
    return new Problem(
      'bodyMm',
      `Not one line fits on this sheet. The tallest body that fits one is ${largest.bodyMm} mm.`,
      [{ label: `Use ${largest.bodyMm} mm`, given: { bodyMm: largest.bodyMm } }],
    );
  }
  return new Problem(
    'paper',
    'Not one line fits on this sheet, whatever the nib. Choose a larger sheet or smaller margins.',
  );
}

function tooManyLines(recipe: Recipe, count: number, room: number): Problem {
  const largest = largestForLines(recipe, count);
  const { lines: _, ...rest } = recipe.given;
  const offers = [
    { label: `Rule ${room} ${room === 1 ? 'line' : 'lines'}`, given: { ...rest, lines: room } },
  ];
  if (largest.width !== undefined) {
    offers.push({
      label: `Use a ${largest.width} mm nib`,
      given: { width: largest.width, body: recipe.zones.body, lines: count },
    });
  } else if (largest.bodyMm !== undefined) {
    offers.push({
      label: `Make the body ${largest.bodyMm} mm`,
      given: { bodyMm: largest.bodyMm, lines: count },
    });
  }
  const other =
    largest.width !== undefined
      ? ` For ${count}, the largest nib is ${largest.width} mm.`
      : largest.bodyMm !== undefined
        ? ` For ${count}, the tallest body is ${largest.bodyMm} mm.`
        : '';
  return new Problem(
    'lines',
    `Number of lines is ${count}, but only ${room} fit on this sheet.${other}`,
    offers,
  );
}
