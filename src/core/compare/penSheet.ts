import type { About } from '../about/about';
import { withChosenNib } from '../document/chosenNib';
import { freshFor } from '../document/freshFor';
import type { Recipe } from '../document/recipe';
import type { ToolFamily } from '../hand/hand';
import { HANDS, type HandId, handById } from '../hands/registry';
import type { Item } from '../kit/item';
import type { Nib, NibKind } from '../kit/nib';
import { clamp, type Mm } from '../measure/units';
import { LIMITS } from '../problem/limits';

/** For what, and for whom, a pen is ruled for. */
export interface PenWish {
  /** The hand of broad nibs; pens that cannot write it write the first hand of their own kind. */
  readonly hand: HandId;
  readonly about: About;
}

const FAMILIES: Readonly<Record<NibKind, ToolFamily>> = {
  broad: 'broad',
  'two-point': 'broad',
  pointed: 'pointed',
  brush: 'brush',
};

/** The hand a pen writes in: the one asked for where it can, else the first of its family. */
export function handFor({ kind }: Pick<Nib, 'kind'>, wanted: HandId): HandId {
  const family = FAMILIES[kind];
  if (handById(wanted).tool === family) return wanted;
  return HANDS.find(({ tool }) => tool === family)?.id ?? wanted;
}

/**
 * Worn edges are rounder, and so thicker: felt splays much, steel little. Our own estimates, as many times the new edge.
 */
const WORN: Readonly<Record<NonNullable<Item['wear']>, number>> = { none: 1, some: 1.6, 'worn out': 2.5 };

/** How fine a hairline pointed steel and brush leave, in mm: the tip itself (common values). */
export const FINEST: Readonly<Partial<Record<NibKind, Mm>>> = { pointed: 0.1, brush: 0.3 };
/** How far the tines of a nib open in use, as a share of the shade it can make. */
const OPENS: Readonly<Record<NonNullable<Item['flex']>, number>> = {
  stiff: 0.6,
  'semi-flexible': 0.8,
  flexible: 1,
  'very flexible': 1,
};

/** The sheet one pen is ruled for, with what wear and flex make of it. */
export function sheetForPen(item: Item, nib: Nib, { hand, about }: PenWish): Recipe {
  const base = freshFor(about, handFor(nib, hand));
  const edge = Math.min(LIMITS.edge.high, nib.edge * WORN[item.wear ?? 'none']);
  const width = Math.max(LIMITS.width.low, nib.width * (item.flex ? OPENS[item.flex] : 1));
  const recipe = withChosenNib(base, { id: nib.id, width, edge }, null);
  const finest = FINEST[nib.kind];
  if (finest === undefined) return recipe;
  const contrast = clamp(width / finest, LIMITS.contrast.low, LIMITS.contrast.high);
  return { ...recipe, writing: { ...recipe.writing, contrast } };
}
