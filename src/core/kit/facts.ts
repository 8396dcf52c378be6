import { z } from 'zod';
import { choice, shortText } from '../problem/schema';
import { CUTS, FLEXES, HOLDER_TYPES, INK_KINDS, SIZINGS, SURFACES, TONES, WEARS } from './choices';
import type { ItemKind } from './itemKinds';
import type { KindOfTool } from './kinds/kind';
import { toolOf } from './kinds/registry';

/** How a fact is asked for, and read from a cell of a table. */
type Asked =
  | { readonly kind: 'number'; readonly unit: string }
  | { readonly kind: 'choice'; readonly choices: readonly string[] }
  | { readonly kind: 'flag' | 'text' | 'colour' | 'time' };

interface About {
  /** What it is called, on the bench and where a value of it is refused. */
  readonly name: string;
  /** Does a thing of this kind have it? */
  readonly of: (kind: ItemKind) => boolean;
  /** What stands before its value in the summary of a thing, where the value alone says nothing; null where the summary leaves it out. */
  readonly short?: string | null;
}

interface Fact<Schema extends z.ZodType> extends About {
  readonly asked: Asked;
  readonly schema: Schema;
}

/** A fact nobody has looked up is null; the matcher then says what it could not judge. */
const unknown = <Schema extends z.ZodType>(schema: Schema) => schema.nullable().default(null);

/** A number from `low` to `high`; a refusal names the nearest that works. */
function numberSchema(name: string, unit: string, [low, high]: readonly [number, number]) {
  const nearest = (input: unknown, limit: number) =>
    `${name} is ${String(input)} ${unit}; the nearest that works is ${limit} ${unit}.`;
  return z
    .number({ error: () => `${name} must be a number from ${low} to ${high} ${unit}.` })
    .min(low, { error: ({ input }) => nearest(input, low) })
    .max(high, { error: ({ input }) => nearest(input, high) });
}

export const flagSchema = (name: string) => z.boolean({ error: () => `${name} must be yes or no.` });

const number = (name: string, unit: string, range: readonly [number, number], about: Omit<About, 'name'>) =>
  fact({ name, ...about, asked: { kind: 'number', unit }, schema: unknown(numberSchema(name, unit, range)) });
const oneOf = <const Choices extends readonly [string, ...string[]]>(
  name: string,
  choices: Choices,
  about: Omit<About, 'name'>,
) => fact({ name, ...about, asked: { kind: 'choice', choices }, schema: unknown(choice(name, choices)) });
const flag = (name: string, about: Omit<About, 'name'>) =>
  fact({ name, ...about, asked: { kind: 'flag' }, schema: unknown(flagSchema(name)) });
const fact = <Schema extends z.ZodType>(declared: Fact<Schema>): Fact<Schema> => declared;

const isTool = (kind: ItemKind) => toolOf(kind) !== undefined;
const hasCutEdge = (kind: ItemKind) => toolOf(kind)?.edge === 'cut';
const wears = (kind: ItemKind) => isTool(kind) && toolOf(kind)?.supply !== 'none';
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
 */
export const FACTS = {
  width: number('Width', 'mm', [0.05, 40], { of: isTool, short: null }),
  uncertainty: number('Uncertainty of the width', 'mm', [0, 5], { of: measured }),
  measuredAt: fact({
    name: 'Measured at',
    of: measured,
    asked: { kind: 'time' },
    schema: unknown(z.iso.datetime({ error: () => 'Measured at must be a date and time.' })),
  }),
  cut: oneOf('Cut', CUTS, { of: hasCutEdge }),
  cutDegrees: number('Degrees of the cut', '°', [0, 45], { of: hasCutEdge }),
  wear: oneOf('Wear', WEARS, { of: wears, short: null }),
  hours: fact({
    name: 'Hours written',
    of: isTool,
    short: null,
    asked: { kind: 'number', unit: 'h' },
    schema: numberSchema('Hours written', 'h', [0, 100_000]).default(0),
  }),
  flex: oneOf('Flexibility', FLEXES, { of: asks('flex') }),
  /** An elbow nib: a straight holder points it along the slant. */
  bent: flag('Bent to its own angle (elbow nib)', { of: asks('bent') }),
  inkKind: oneOf('Kind of ink', INK_KINDS, { of: only('ink') }),
  wetness: number('Wetness', 'of 5', [1, 5], { of: only('ink'), short: 'wetness' }),
  opacity: number('Opacity', 'of 5', [1, 5], { of: only('ink'), short: 'opacity' }),
  /** As it dries on white paper; of inks, and of brush pens that have their own. */
  colour: fact({
    name: 'Colour of the ink',
    of: either(only('ink'), asks('colour')),
    asked: { kind: 'colour' },
    schema: unknown(
      z.string({ error: () => 'Colour must be text.' }).regex(/^#[0-9a-f]{6}$/, {
        error: () => 'Colour is written as # and six of 0–9 and a–f, such as #1f3a6e.',
      }),
    ),
  }),
  light: flag('A light ink, for dark paper', { of: only('ink') }),
  waterproof: flag('Waterproof', { of: only('ink') }),
  fitting: fact({
    name: 'Cartridge fitting',
    of: either(only('ink'), asks('fitting')),
    asked: { kind: 'text' },
    schema: unknown(shortText('Cartridge fitting', 40)),
  }),
  millilitres: number('Ink left', 'ml', [0, 5000], { of: only('ink') }),
  shankRadius: number('Radius of the shank’s arc', 'mm', [0.5, 20], { of: isSeated, short: 'arc' }),
  shankWidth: number('Width of the shank', 'mm', [0.5, 20], { of: isSeated, short: 'shank' }),
  reservoir: flag('Has a reservoir', { of: isSeated }),
  coated: flag('Coating still on', { of: isSeated }),
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
  surface: oneOf('Surface', SURFACES, { of: only('paper') }),
  sizing: oneOf('Sizing', SIZINGS, { of: only('paper') }),
  grams: number('Weight of the paper', 'g/m²', [10, 2000], { of: only('paper') }),
  tone: oneOf('Colour of the paper', TONES, { of: only('paper') }),
  paperWidth: number('Width of the sheet', 'mm', [20, 2000], { of: only('paper') }),
  paperHeight: number('Height of the sheet', 'mm', [20, 2000], { of: only('paper') }),
} as const;

export type FactName = keyof typeof FACTS;
export type AnyFact = About & { readonly key: FactName; readonly asked: Asked };

/** All facts, in the order they are asked for. */
export const ALL_FACTS: readonly AnyFact[] = Object.entries(FACTS).map(
  ([key, { name, of, short, asked }]) => ({
    key: key as FactName,
    name,
    of,
    short,
    asked,
  }),
);

type Schemas = { readonly [Key in FactName]: (typeof FACTS)[Key]['schema'] };

/** The schemas of all facts, by name. */
export const FACT_SCHEMAS = Object.fromEntries(
  Object.entries(FACTS).map(([key, { schema }]) => [key, schema]),
) as Schemas;

/** The facts a thing of this kind has, in the order they are asked for. */
export const factsOf = (kind: ItemKind): readonly AnyFact[] => ALL_FACTS.filter(({ of }) => of(kind));
