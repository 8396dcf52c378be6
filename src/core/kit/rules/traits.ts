import type { Item } from '../item';
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
/** Tools that take ink from a bottle or cartridge. */
export const takesInk = (kind: Kind) =>
  isDipped(kind) || isFilled(kind) || toolOf(kind)?.supply === 'dropper';
