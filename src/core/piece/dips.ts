import type { Item } from '../kit/itemFormat';
import { toolOf } from '../kit/kinds/registry';
import type { Mm } from '../measure/units';

/** Cubic millimetres: one is a microlitre. */
export type Microlitres = number;

/** A stroke to be written: the area of ink it lays, and whether it begins with a full pen. */
export interface InkedStroke {
  readonly area: number;
  readonly startsFull: boolean;
}

/** A dip plan: the strokes before which the pen is dipped, and strokes that need more than one dip holds. */
export interface DipPlan {
  /** Indices of the strokes before which it is dipped; always includes the first. */
  readonly dips: readonly number[];
  readonly tooLong: readonly number[];
  /** Share of a load left after each stroke. */
  readonly left: readonly number[];
}

/** Thickness of the film of wet ink a pen lays: 10–15 µm; an estimate, not measured. */
export const FILM: Mm = 0.0125;

/**
 * Ink load of one dip by kind of nib (our own estimates; one written line corrects them, `calibratedLoad`). Some kinds of tools declare
 * their own.
 */
const LOADS = { pointed: 4.5, broad: 6.5, reservoir: 15 } as const;

/** What decides how much ink a tool carries. */
export type Charged = Pick<Item, 'kind' | 'reservoir'> & Partial<Pick<Item, 'load'>>;

/** Ink load of one dip of a tool: its own where it was measured; undefined for one that feeds itself. */
export function usualLoad(tool: Charged | undefined, pressed: boolean): Microlitres | undefined {
  const kind = tool && toolOf(tool.kind);
  if (kind && kind.supply !== 'dipped') return undefined;
  if (tool?.load) return tool.load * FILM;
  return kind?.load ?? (tool?.reservoir ? LOADS.reservoir : pressed ? LOADS.pointed : LOADS.broad);
}

/** Ink load of a dip that wrote `written` strokes or letters of `area` mm² each. */
export const calibratedLoad = (written: number, area: number): Microlitres => written * area * FILM;

/** Area a load covers, in mm². */
export const coverOf = (load: Microlitres): number => load / FILM;

/** A stroke that takes more than this share of a load begins with a full pen. */
const LONG = 0.35;

export const startsFull = (area: number, cover: number): boolean => area > LONG * cover;

/** Tolerance within which areas are equal. */
const DUST = 1e-9;

/**
 * As few dips as will do, none in the middle of a stroke: the pen is dipped as late as it can be, before the stroke that
 * what is left would not finish, and before every stroke that begins full. Dipping later than that would break a stroke,
 * so no plan has fewer. A stroke longer than a load runs dry whatever is done, and is named.
 */
export function planDips(strokes: readonly InkedStroke[], cover: number): DipPlan {
  const dips: number[] = [];
  const tooLong: number[] = [];
  const left: number[] = [];
  let rest = 0;
  for (const [i, { area, startsFull: full }] of strokes.entries()) {
    if (i === 0 || area > rest + DUST || (full && rest < cover - DUST)) {
      dips.push(i);
      rest = cover;
    }
    if (area > cover + DUST) tooLong.push(i);
    rest = Math.max(0, rest - area);
    left.push(rest / cover);
  }
  return { dips, tooLong, left };
}
