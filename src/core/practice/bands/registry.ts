import { doubled } from './doubled';
import { drill } from './drill';
import { family } from './family';
import type { BandKind } from './kind';
import { letter } from './letter';
import { letters } from './letters';
import { line } from './line';
import { pair } from './pair';
import { picture } from './picture';
import { ruling } from './ruling';
import { shapes } from './shapes';
import { strip } from './strip';
import { word } from './word';

/** The kinds of bands, in the order they are offered. A new one is a file here and its name in this list. */
export const BAND_KINDS = {
  drill,
  letter,
  letters,
  family,
  shapes,
  pair,
  doubled,
  word,
  line,
  picture,
  strip,
  ruling,
} as const satisfies Record<string, BandKind>;

export type BandKindId = keyof typeof BAND_KINDS;

export const isBandKind = (id: string): id is BandKindId => Object.hasOwn(BAND_KINDS, id);
/** All kinds, in the order they are offered. */
export const bandKindIds = (): readonly BandKindId[] => Object.keys(BAND_KINDS).filter(isBandKind);

/** @throws Error for what is no kind of band. */
export function kindOf(id: string): BandKind {
  if (!isBandKind(id)) throw new Error(`There is no kind of band “${id}”`);
  return BAND_KINDS[id];
}

/** Kinds a hand can have: those that write letters only where they are drawn. */
export const kindsFor = (hasLetters: boolean): readonly BandKindId[] =>
  bandKindIds().filter((id) => hasLetters || !BAND_KINDS[id].needsLetters);
