import { z } from 'zod';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** The part of JSON Schema that schemas of ours come out as. */
interface Shape {
  readonly type?: string;
  readonly const?: Json;
  readonly enum?: readonly Json[];
  readonly anyOf?: readonly Shape[];
  readonly oneOf?: readonly Shape[];
  readonly allOf?: readonly Shape[];
  readonly properties?: Readonly<Record<string, Shape>>;
  readonly required?: readonly string[];
  readonly additionalProperties?: Shape | boolean;
  readonly items?: Shape;
  readonly prefixItems?: readonly Shape[];
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly $ref?: string;
  readonly $defs?: Readonly<Record<string, Shape>>;
}

/** Values for fields whose schema does not say all: by name, such as the hands there are. */
export type Known = Readonly<Record<string, readonly Json[]>>;

/** Items of a list at most, unless its own least is more: wide rather than long. */
const MOST_ITEMS = 6;
/** Deeper than this only what must be there is made. */
const DEEP = 8;

/** Text that a field may be given: plain, of other scripts, with marks that stack, from the right. */
const TEXTS = [
  'a',
  'moon',
  'Grüße',
  'نجم',
  'e\u0301\u0302\u0323',
  'ﬁ ﬂ',
  '{name}',
  '🌙',
  'a\nb',
  ' ',
  '-',
  '0',
  'Ǆ',
];

/** Makes values a Zod schema allows, extremes more often than what lies between; `next` gives numbers from 0 to 1. */
export function makerOf(schema: z.ZodType, next: () => number, known: Known): () => Json {
  const root = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as Shape;
  const upTo = (count: number) => Math.floor(next() * count);
  const one = <T>(of: readonly T[]): T => of[upTo(of.length)] as T;

  function make(shape: Shape, name: string, depth: number): Json {
    const given = known[name];
    if (given && shape.const === undefined && next() < 0.9) return one(given);
    if (shape.$ref) {
      const key = shape.$ref.split('/').at(-1) ?? '';
      return make(root.$defs?.[key] ?? root, name, depth + 1);
    }
    if (shape.const !== undefined) return shape.const;
    if (shape.enum) return one(shape.enum);
    const choices = shape.anyOf ?? shape.oneOf;
    if (choices) return make(one(choices), name, depth);
    if (shape.allOf) return Object.assign({}, ...shape.allOf.map((part) => make(part, name, depth)));
    switch (shape.type) {
      case 'null':
        return null;
      case 'boolean':
        return next() < 0.5;
      case 'number':
      case 'integer':
        return number(shape);
      case 'string':
        return text(shape);
      case 'array':
        return list(shape, name, depth);
      case 'object':
        return object(shape, depth);
      default:
        return one<Json>([null, 1, 'x', [], {}]);
    }
  }

  function number({ type, minimum = -1000, maximum = 1000 }: Shape): number {
    const [low, high] = [Math.max(minimum, -1e6), Math.min(maximum, 1e6)];
    const value = one([low, high, low + (high - low) * next(), low + (high - low) * next() ** 4]);
    return type === 'integer' || next() < 0.5 ? Math.round(value) : value;
  }

  function text({ minLength = 0, maxLength = 40 }: Shape): string {
    const long = next() < 0.1 ? one(TEXTS).repeat(Math.ceil(Math.min(maxLength, 4000) / 2)) : one(TEXTS);
    return long.slice(0, maxLength).padEnd(minLength, 'a');
  }

  function list(
    { items, prefixItems, minItems = 0, maxItems = MOST_ITEMS }: Shape,
    name: string,
    depth: number,
  ): Json {
    if (prefixItems) return prefixItems.map((item) => make(item, name, depth + 1));
    const count =
      minItems + (depth > DEEP ? 0 : upTo(Math.min(maxItems, minItems + MOST_ITEMS) - minItems + 1));
    return Array.from({ length: count }, () => make(items ?? {}, name, depth + 1));
  }

  function object({ properties = {}, required = [], additionalProperties }: Shape, depth: number): Json {
    const made: { [key: string]: Json } = {};
    for (const [name, shape] of Object.entries(properties)) {
      if (required.includes(name) || (depth < DEEP && next() < 0.7))
        made[name] = make(shape, name, depth + 1);
    }
    if (typeof additionalProperties === 'object') {
      for (let i = upTo(3); i > 0; i--) made[one(TEXTS)] = make(additionalProperties, '', depth + 1);
    }
    return made;
  }

  return () => make(root, '', 0);
}
