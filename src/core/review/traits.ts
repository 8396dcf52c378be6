import { median, spread } from '../measure/statistics';
import { toRadians } from '../measure/units';
import { PIXELS_PER_MM } from '../register/pageMap';
import type { Compared } from './letter';

/**
 * What is measured of a letter against its model, as numbers that can be weighed against one another: shares, shares of the body,
 * and angles as arcs.
 */
export const TRAITS = [
  'width',
  'height',
  'lean',
  'rise',
  'slope',
  'splay',
  'angle',
  'nib',
  'weight',
  'branch',
  'top',
  'bottom',
  'span',
  'overlap',
  'lacking',
  'apart',
  'fewer',
] as const;
export type Trait = (typeof TRAITS)[number];
export type Traits = Readonly<Partial<Record<Trait, number>>>;

/** `body` is the height of the body in pixels. */
export function traitsOf(letter: Compared, body: number): Traits {
  const { alignment, measured, model, angle, nib, slope, weight, branch } = letter;
  return {
    width: alignment.width - 1,
    height: alignment.height - 1,
    lean: alignment.lean,
    rise: alignment.up / body,
    top: (letter.top * PIXELS_PER_MM) / body,
    bottom: (letter.bottom * PIXELS_PER_MM) / body,
    span: (measured.right - measured.left - (model.right - model.left)) / body,
    overlap: alignment.overlap,
    lacking: letter.lacking,
    apart: Number(letter.apart),
    fewer: Number(letter.fewer),
    ...(slope !== undefined && { slope: toRadians(slope) }),
    ...(letter.beside && { splay: toRadians(letter.beside.splay) }),
    ...(angle !== undefined && { angle: toRadians(angle) }),
    ...(nib !== undefined && { nib: nib - 1 }),
    ...(weight !== undefined && { weight: weight - 1 }),
    ...(branch !== undefined && { branch }),
  };
}

/** Traits that are present or absent: a row's value is the fraction of its letters. */
const IS: ReadonlySet<Trait> = new Set(['apart', 'fewer']);

/** A trait of a row: the median over its letters, their deviation, and their number. */
export interface RowTrait {
  readonly value: number;
  readonly deviation: number;
  readonly count: number;
}
export type RowTraits = Readonly<Partial<Record<Trait, RowTrait>>>;

/** Minimum number of letters, and minimum fraction of a row, for a trait of the row. */
const LEAST = 2;
const MOST_OF = 0.5;

export function rowTraits(letters: readonly Compared[], body: number): RowTraits {
  const all = letters.map((letter) => traitsOf(letter, body));
  return Object.fromEntries(
    TRAITS.flatMap((trait) => {
      const values = all.flatMap((traits) => traits[trait] ?? []);
      if (values.length < Math.max(LEAST, MOST_OF * all.length)) return [];
      const value = IS.has(trait) ? values.reduce((a, b) => a + b, 0) / values.length : median(values);
      return [[trait, { value, deviation: spread(values), count: values.length }]];
    }),
  );
}
