import type { Vessel } from '../inks/kind';
import type { Item } from '../item';
import type { KindOfTool } from '../kinds/kind';
import { toolOf } from '../kinds/registry';

type Kind = Item['kind'];

// What a kind of thing is to the rules; of things that are no tools nothing of it holds.

/** A cut edge, or two points that draw the outlines of one. */
export const isBroad = (kind: Kind) => isCut(kind) || isGap(kind);
export const isCut = (kind: Kind) => toolOf(kind)?.edge === 'cut';
export const isGap = (kind: Kind) => toolOf(kind)?.edge === 'gap';
/** Dip tools are filled drop by drop; the others hold their own supply. */
export const isDipped = (kind: Kind) => toolOf(kind)?.supply === 'dipped';
/** Tools that are pushed into a holder. */
export const takesHolder = (kind: Kind) => toolOf(kind)?.seated === true;
/** Tools that any copy paper bears: they lay no wet line. */
export const anyPaperServes = (kind: Kind) => toolOf(kind)?.anyPaper === true;
export const isFilled = (kind: Kind) => toolOf(kind)?.supply === 'cartridge';
/** Tools with a feed or plates, filled by a cartridge, a converter or a dropper. */
export const takesFilling = (kind: Kind) => isFilled(kind) || toolOf(kind)?.supply === 'dropper';
/** Tools that take ink from a bottle or cartridge. */
export const takesInk = (kind: Kind) => vesselOf(kind) !== undefined;

const VESSEL_OF: Readonly<Record<KindOfTool['supply'], Vessel | undefined>> = {
  dipped: 'steel',
  cartridge: 'feed',
  dropper: 'plates',
  own: undefined,
  none: undefined,
};

/** What a tool holds its ink in; undefined for one that takes none. */
export function vesselOf(kind: Kind): Vessel | undefined {
  const tool = toolOf(kind);
  return tool && (tool.vessel ?? VESSEL_OF[tool.supply]);
}

const METAL: readonly (Vessel | undefined)[] = ['steel', 'leaves', 'feed', 'plates'];
/** Tools whose ink lies on metal, which acid attacks. */
export const isMetal = (kind: Kind) => METAL.includes(vesselOf(kind));

/** Whether steel may still have the coating it is sold with: a drop of water on it says so, before what was noted. */
export const mayBeCoated = ({ coated, drop, deoiled }: Pick<Item, 'coated' | 'drop' | 'deoiled'>): boolean =>
  drop === 'beads' || (drop !== 'spreads' && coated !== false && deoiled === null);
