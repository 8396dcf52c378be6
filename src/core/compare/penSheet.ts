import type { About } from '../about/about';
import { withChosenNib } from '../document/chosenNib';
import { freshFor } from '../document/freshFor';
import type { Recipe } from '../document/recipe';
import type { ToolFamily } from '../hand/hand';
import { HANDS, type HandId, handById } from '../hands/registry';
import type { Nib, NibKind } from '../kit/nib';

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
  round: 'monoline',
};

/** The hand a pen writes in: the one asked for where it can, else the first of its family. */
export function handFor({ kind }: Pick<Nib, 'kind'>, wanted: HandId): HandId {
  const family = FAMILIES[kind];
  const { tool } = handById(wanted);
  // Any point writes a hand of one line.
  if (tool === family || tool === 'monoline') return wanted;
  return HANDS.find(({ tool }) => tool === family)?.id ?? wanted;
}

/** The sheet one pen is ruled for: as choosing it rules one. */
export const sheetForPen = (nib: Nib, { hand, about }: PenWish): Recipe =>
  withChosenNib(freshFor(about, handFor(nib, hand)), nib, null);
