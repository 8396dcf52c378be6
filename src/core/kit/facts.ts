import {
  CUTS,
  DROPS,
  FLEXES,
  GRIPS,
  HOLDER_TYPES,
  LEADS,
  SIZINGS,
  SURFACES,
  TIPS,
  TONES,
  WEARS,
} from './choices';
import { INK_KINDS } from './inks/registry';
import type { ItemKind } from './itemKinds';
import type { KindOfTool } from './kinds/kind';
import { toolOf } from './kinds/registry';

/** How a fact is asked for, read from a cell of a table, and bounded; `longest` in characters. */
export type Asked =
  | { readonly kind: 'number'; readonly unit: string; readonly low: number; readonly high: number }
  | { readonly kind: 'choice'; readonly choices: readonly [string, ...string[]] }
  | { readonly kind: 'text'; readonly longest: number }
  | { readonly kind: 'flag' }
  | { readonly kind: 'colour' }
  | { readonly kind: 'time' }
  | { readonly kind: 'day' };

interface About {
  /** Does a thing of this kind have it? */
  readonly of: (kind: ItemKind) => boolean;
  /** What stands before its value in the summary of a thing, where the value alone says nothing; null where the summary leaves it out. */
  readonly short?: string | null;
}

export interface Fact<How extends Asked = Asked, Blank extends null | 0 = null | 0> extends About {
  /** What it is called, on the bench and where a value of it is refused. */
  readonly name: string;
  readonly asked: How;
  /** What it is where nobody has looked it up: null, and the matcher then says what it could not judge; 0 for what is counted. */
  readonly blank: Blank;
}

const fact = <const How extends Asked>(name: string, asked: How, about: About): Fact<How, null> => ({
  name,
  asked,
  blank: null,
  ...about,
});
const number = (name: string, unit: string, [low, high]: readonly [number, number], about: About) =>
  fact(name, { kind: 'number', unit, low, high }, about);
const oneOf = <const Choices extends readonly [string, ...string[]]>(
  name: string,
  choices: Choices,
  about: About,
) => fact(name, { kind: 'choice', choices }, about);
const day = (name: string, about: About) => fact(name, { kind: 'day' }, about);
const flag = (name: string, about: About) => fact(name, { kind: 'flag' }, about);

const isTool = (kind: ItemKind) => toolOf(kind) !== undefined;
const hasCutEdge = (kind: ItemKind) => toolOf(kind)?.edge === 'cut';
const wears = (kind: ItemKind) => isTool(kind) && toolOf(kind)?.supply !== 'none';
const isDippedKind = (kind: ItemKind) => toolOf(kind)?.supply === 'dipped';
const any = () => true;
const isSeated = (kind: ItemKind) => toolOf(kind)?.seated === true;
const asks = (name: NonNullable<KindOfTool['asks']>[number]) => (kind: ItemKind) =>
  toolOf(kind)?.asks?.includes(name) === true;
const only = (one: ItemKind) => (kind: ItemKind) => kind === one;
const either =
  (...any: readonly About['of'][]): About['of'] =>
  (kind) =>
    any.some((of) => of(kind));
/** Told by a measurement, and never asked for. */
const measured = () => false;

/**
 * The facts of things, declared once, in the order they are asked for: name, unit, range, and which kinds have them. What is stored,
 * refused, asked for on the bench, summed up in its table and exchanged as CSV follows from here. Ranges are what occurs, with room.
 * Schemas are made of it in `factSchemas.ts`, so that a station that shows facts need not load the schemas' library.
 */
export const FACTS = {
  width: number('Width', 'mm', [0.05, 40], { of: isTool, short: null }),
  uncertainty: number('Uncertainty of the width', 'mm', [0, 5], { of: measured }),
  measuredAt: fact('Measured at', { kind: 'time' }, { of: measured }),
  cut: oneOf('Cut', CUTS, { of: hasCutEdge }),
  cutDegrees: number('Degrees of the cut', '°', [0, 45], { of: hasCutEdge }),
  wear: oneOf('Wear', WEARS, { of: wears, short: null }),
  hours: { ...number('Hours written', 'h', [0, 100_000], { of: isTool, short: null }), blank: 0 },
  flex: oneOf('Flexibility', FLEXES, { of: asks('flex') }),
  hairline: number('Finest line', 'mm', [0.02, 2], { of: asks('hairline'), short: 'finest line' }),
  /** Measured by a strip (`review/strip.ts`), or counted by the scribe. */
  load: number('One load covers', 'mm²', [5, 50_000], { of: isDippedKind, short: 'a load' }),
  lead: oneOf('Lead', LEADS, { of: asks('lead') }),
  tip: oneOf('Tip', TIPS, { of: asks('tip') }),
  /** An elbow nib: a straight holder points it along the slant. */
  bent: flag('Bent to its own angle (elbow nib)', { of: asks('bent') }),
  inkKind: oneOf('Kind of ink', INK_KINDS, { of: only('ink') }),
  wetness: number('Wetness', 'of 5', [1, 5], { of: only('ink'), short: 'wetness' }),
  opacity: number('Opacity', 'of 5', [1, 5], { of: only('ink'), short: 'opacity' }),
  /** As it dries on white paper; of inks, and of brush pens that have their own. */
  colour: fact('Colour of the ink', { kind: 'colour' }, { of: either(only('ink'), asks('colour')) }),
  light: flag('A light ink, for dark paper', { of: only('ink') }),
  waterproof: flag('Waterproof', { of: only('ink') }),
  fitting: fact(
    'Cartridge fitting',
    { kind: 'text', longest: 40 },
    { of: either(only('ink'), asks('fitting')) },
  ),
  opened: day('Opened on', { of: only('ink'), short: null }),
  millilitres: number('Ink left', 'ml', [0, 5000], { of: only('ink') }),
  shankRadius: number('Radius of the shank’s arc', 'mm', [0.5, 20], { of: isSeated, short: 'arc' }),
  shankWidth: number('Width of the shank', 'mm', [0.5, 20], { of: isSeated, short: 'shank' }),
  reservoir: flag('Has a reservoir', { of: isSeated }),
  coated: flag('Coating still on', { of: isSeated }),
  deoiled: day('Coating taken off on', { of: isSeated, short: null }),
  drop: oneOf('A drop of water on it', DROPS, { of: isSeated, short: null }),
  holderType: oneOf('Type of holder', HOLDER_TYPES, { of: only('holder') }),
  fitsRadiusFrom: number('Smallest arc it takes', 'mm radius', [0.5, 20], {
    of: only('holder'),
    short: 'arcs from',
  }),
  fitsRadiusTo: number('Largest arc it takes', 'mm radius', [0.5, 20], {
    of: only('holder'),
    short: 'arcs to',
  }),
  fitsWidthTo: number('Widest shank it takes', 'mm', [0.5, 20], { of: only('holder'), short: 'shanks to' }),
  flangeTurn: number('Turn of the flange', '°', [0, 60], { of: only('holder'), short: 'flange' }),
  grip: number('Diameter of the grip', 'mm', [2, 40], { of: only('holder'), short: 'grip' }),
  gripOf: oneOf('Grip made of', GRIPS, { of: only('holder') }),
  surface: oneOf('Surface', SURFACES, { of: only('paper') }),
  sizing: oneOf('Sizing', SIZINGS, { of: only('paper') }),
  grams: number('Weight of the paper', 'g/m²', [10, 2000], { of: only('paper') }),
  tone: oneOf('Colour of the paper', TONES, { of: only('paper') }),
  paperWidth: number('Width of the sheet', 'mm', [20, 2000], { of: only('paper') }),
  paperHeight: number('Height of the sheet', 'mm', [20, 2000], { of: only('paper') }),
  /** In the scribe’s own currency. */
  price: number('Price in your currency', '', [0, 100_000], { of: any, short: null }),
  rating: number('Your rating', 'of 5', [1, 5], { of: any, short: null }),
  favourite: flag('A favourite', { of: any }),
  /** One nib goes by several names. */
  otherNames: fact('Also called', { kind: 'text', longest: 120 }, { of: any, short: null }),
} as const satisfies Readonly<Record<string, Fact>>;

export type FactName = keyof typeof FACTS;
export type AnyFact = Fact & { readonly key: FactName };

/** All facts, in the order they are asked for. */
export const ALL_FACTS: readonly AnyFact[] = Object.entries<Fact>(FACTS).map(([key, declared]) => ({
  key: key as FactName,
  ...declared,
}));

/** The facts a thing of this kind has, in the order they are asked for. */
export const factsOf = (kind: ItemKind): readonly AnyFact[] => ALL_FACTS.filter(({ of }) => of(kind));
