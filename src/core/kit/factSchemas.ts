import { z } from 'zod';
import { choice, shortText } from '../problem/schema';
import { type Asked, FACTS, type Fact } from './facts';

/** A number from `low` to `high`; a refusal names the nearest that works. */
function numberSchema(name: string, unit: string, low: number, high: number) {
  const of = unit && ` ${unit}`;
  const nearest = (input: unknown, limit: number) =>
    `${name} is ${String(input)}${of}; the nearest that works is ${limit}${of}.`;
  return z
    .number({ error: () => `${name} must be a number from ${low} to ${high}${of}.` })
    .min(low, { error: ({ input }) => nearest(input, low) })
    .max(high, { error: ({ input }) => nearest(input, high) });
}

export const flagSchema = (name: string) => z.boolean({ error: () => `${name} must be yes or no.` });

const COLOUR = /^#[0-9a-f]{6}$/;

function schemaOf(name: string, asked: Asked): z.ZodType {
  switch (asked.kind) {
    case 'number':
      return numberSchema(name, asked.unit, asked.low, asked.high);
    case 'choice':
      return choice(name, asked.choices);
    case 'text':
      return shortText(name, asked.longest);
    case 'flag':
      return flagSchema(name);
    case 'colour':
      return z.string({ error: () => `${name} must be text.` }).regex(COLOUR, {
        error: () => `${name} is written as # and six of 0–9 and a–f, such as #1f3a6e.`,
      });
    case 'time':
      return z.iso.datetime({ error: () => `${name} must be a date and time.` });
    case 'day':
      return z.iso.date({ error: () => `${name} must be a day, such as 2026-11-30.` });
  }
}

type ValueOf<How extends Asked> = How extends { kind: 'number' }
  ? number
  : How extends { kind: 'choice'; choices: readonly (infer Choice)[] }
    ? Choice
    : How extends { kind: 'flag' }
      ? boolean
      : string;

type Declared = typeof FACTS;
type Schemas = {
  readonly [Key in keyof Declared]: z.ZodDefault<
    z.ZodType<ValueOf<Declared[Key]['asked']> | Declared[Key]['blank']>
  >;
};

/** The schemas of all facts, by name; a fact that is left out is blank. */
export const FACT_SCHEMAS = Object.fromEntries(
  Object.entries<Fact>(FACTS).map(([key, { name, asked, blank }]) => {
    const schema = schemaOf(name, asked);
    return [key, blank === null ? schema.nullable().default(null) : schema.default(blank)];
  }),
) as unknown as Schemas;
