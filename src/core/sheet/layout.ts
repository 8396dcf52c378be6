import { countsByPen } from '../hand/hand';
import type { Mm } from '../measure/units';
import { type Box, type PageBoxes, pageBoxes } from '../page/boxes';
import { LIMITS, outOfRange } from '../problem/limits';
import { Problem } from '../problem/problem';
import { handOf } from '../setting/handOf';
import { heightOfLines, lineSystem, linesThatFit, moduleLength } from '../setting/lineSystem';
import { offerOf } from '../setting/offerOf';
import type { Sheet } from './sheet';
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
export interface Strip {
  readonly width: Mm;
  readonly module: Mm;
  readonly top: Mm;
  readonly lines: readonly RuledLine[];
}

/** The ruled lines, for one nib or several, in columns. */
export interface Ruling {
  readonly columns: readonly Box[];
  readonly startsRight: boolean;
  /** The aids that stand on the page. */
  readonly aids: PageBoxes['aids'];
  readonly strips: readonly Strip[];
  /** Bottom of the last line. */
  readonly foot: Mm;
}

export interface SheetLayout extends PageBoxes, Ruling {
  /** Baseline to baseline in the first strip. */
  readonly pitch: Mm;
  /** Height of the block under the last line. */
  readonly reserve: Mm;
}

/** Room for the caption over each strip of a comparison sheet. */
export const STRIP_CAPTION: Mm = 6;
/** White between strips of a comparison sheet. */
const STRIP_GAP: Mm = 4;

/**
 * The arithmetic of a sheet: every line's place on the page.
 * @throws Problem when not one line fits, when more lines are given than fit, or when the hand cannot be compared by nibs.
 */
export function layoutSheet(recipe: Sheet): SheetLayout {
  const boxes = pageBoxes(recipe);
  const strips =
    recipe.nibs.length > 0 ? comparedStrips(recipe, boxes.block) : [singleStrip(recipe, boxes.block)];
  const foot = strips.at(-1)?.lines.at(-1)?.bottom ?? boxes.block.y;
  const end = boxes.block.y + boxes.block.height;
  return {
    ...boxes,
    strips,
    foot,
    pitch: pitchOf(recipe, strips[0]),
    reserve: end - foot,
  };
}

/** Baseline to baseline, as they are ruled; of one line alone as its line system has it. */
function pitchOf(recipe: Sheet, strip: Strip | undefined): Mm {
  const [first, second] = strip?.lines ?? [];
  if (first && second) return second.baseline - first.baseline;
  return lineSystem(recipe).pitch * (strip?.module ?? 0);
}

function singleStrip(recipe: Sheet, block: Box): Strip {
  const system = lineSystem(recipe);
  const module = moduleLength(recipe, recipe.width);
  const room = linesThatFit(system, module, block.height);
  if (room === 0) throw noLineFits(recipe);
  const count = recipe.given.lines ?? room;
  if (count > room) throw tooManyLines(recipe, count, room);
  const free = block.height - heightOfLines(system, module, count);
  const { top, between } = standingOf(recipe, block.y, free, count);
  return { width: recipe.width, module, top, lines: placeLines(recipe, module, top, count, between) };
}

/** Top of the first line, and the extra space between lines, when `free` height is left over. */
function standingOf({ standing }: Sheet, top: Mm, free: Mm, count: number) {
  switch (standing) {
    case 'top':
      return { top, between: 0 };
    case 'centre':
      return { top: top + free / 2, between: 0 };
    case 'even':
      // A single line cannot be spread.
      return count > 1 ? { top, between: free / (count - 1) } : { top: top + free / 2, between: 0 };
  }
}

function comparedStrips(recipe: Sheet, block: Box): Strip[] {
  const hand = handOf(recipe);
  if (!countsByPen(hand)) {
    throw new Problem(
      'nibs',
      `A comparison sheet shows what another nib makes of the same hand; ${hand.name} is not measured by its nib. Choose a broad-edge hand, or rule a single sheet.`,
    );
  }
  const system = lineSystem(recipe);
  const modules = recipe.nibs.map((width) => moduleLength(recipe, width));
  const sum = modules.reduce((total, module) => total + module, 0);
  const captions = recipe.nibs.length * STRIP_CAPTION + (recipe.nibs.length - 1) * STRIP_GAP;
  // The strips together are one line system of the summed module: each holds the same number of lines.
  const room = linesThatFit(system, sum, block.height - captions);
  const count = Math.min(recipe.given.lines ?? room, room);
  if (room === 0) {
    throw new Problem(
      'nibs',
      'These nibs do not fit on the sheet together, not even with one line each. Take smaller nibs, fewer of them, or a larger sheet.',
    );
  }
  let top = block.y;
  return recipe.nibs.map((width, index) => {
    const module = modules[index] as Mm;
    const strip = { width, module, top, lines: placeLines(recipe, module, top + STRIP_CAPTION, count) };
    top += STRIP_CAPTION + heightOfLines(system, module, count) + STRIP_GAP;
    return strip;
  });
}

/** @throws Problem for a body too low to rule; this also bounds how many lines a page can hold. */
function placeLines(recipe: Sheet, module: Mm, top: Mm, count: number, between: Mm = 0): RuledLine[] {
  const bodyMm = recipe.zones.body * module;
  if (bodyMm < LIMITS.bodyMm.low - 1e-9) throw new Problem('bodyMm', outOfRange(LIMITS.bodyMm, bodyMm));
  const { above, pitch } = lineSystem(recipe);
  return Array.from({ length: count }, (_, index) =>
    ruledLine(recipe, module, top + (above + index * pitch) * module + index * between),
  );
}

/** The lines of one ruled line whose baseline is given. */
export function ruledLine(recipe: Sheet, module: Mm, baseline: Mm): RuledLine {
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

function noLineFits(recipe: Sheet): Problem {
  const largest = largestForLines(recipe, 1);
  if (largest.width !== undefined) {
    return new Problem(
      'width',
      `Not one line fits on this sheet. The largest nib that fits one is ${largest.width} mm.`,
      [offerOf(`Use ${largest.width} mm`, { width: largest.width, body: recipe.zones.body })],
    );
  }
  if (largest.bodyMm !== undefined) {
    return new Problem(
      'bodyMm',
      `Not one line fits on this sheet. The tallest body that fits one is ${largest.bodyMm} mm.`,
      [offerOf(`Use ${largest.bodyMm} mm`, { bodyMm: largest.bodyMm })],
    );
  }
  return new Problem(
    'paper',
    'Not one line fits on this sheet, whatever the nib. Choose a larger sheet or smaller margins.',
  );
}

function tooManyLines(recipe: Sheet, count: number, room: number): Problem {
  const largest = largestForLines(recipe, count);
  const { lines: _, ...rest } = recipe.given;
  const offers = [offerOf(`Rule ${room} ${room === 1 ? 'line' : 'lines'}`, { ...rest, lines: room })];
  if (largest.width !== undefined) {
    offers.push(
      offerOf(`Use a ${largest.width} mm nib`, {
        width: largest.width,
        body: recipe.zones.body,
        lines: count,
      }),
    );
  } else if (largest.bodyMm !== undefined) {
    offers.push(offerOf(`Make the body ${largest.bodyMm} mm`, { bodyMm: largest.bodyMm, lines: count }));
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
