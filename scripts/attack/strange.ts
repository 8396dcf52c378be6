import type { Json } from '../../tests/support/made';

/** Chance, as every attack has it: from a seed, so that the same seed makes the same requests. */
export interface Chance {
  readonly next: () => number;
  readonly upTo: (count: number) => number;
  readonly one: <T>(of: readonly T[]) => T;
}

export function chanceOf(next: () => number): Chance {
  const upTo = (count: number) => Math.floor(next() * count);
  return { next, upTo, one: <T>(of: readonly T[]): T => of[upTo(of.length)] as T };
}

const deep = (levels: number): Json => (levels === 0 ? 1 : [deep(levels - 1)]);

/** What no field is meant to hold. */
const STRANGE: readonly ((chance: Chance) => Json)[] = [
  () => null,
  () => true,
  () => -1,
  () => 0,
  () => 1e300,
  () => 5e-324,
  () => 0.1 + 0.2,
  () => 2 ** 53,
  () => '',
  ({ upTo }) => 'x'.repeat(1 + upTo(3000)),
  () => '\u0000',
  () => '\ud800',
  () => 'नमस्ते 🌙 نجم e\u0301',
  () => '<img src=x onerror=alert(1)>',
  () => "'; DROP TABLE sheets; --",
  () => '../../etc/passwd',
  () => 'constructor',
  () => '__proto__',
  () => [],
  () => ({}),
  () => JSON.parse('{"__proto__": 1, "constructor": 2}') as Json,
  () => deep(60),
  () => Array.from({ length: 500 }, () => 1),
];

/** Every place in a value, as the way to it. */
function places(value: Json, way: readonly (string | number)[] = []): (readonly (string | number)[])[] {
  if (typeof value !== 'object' || value === null) return [way];
  return [
    way,
    ...Object.entries(value).flatMap(([key, inner]) =>
      places(inner as Json, [...way, Array.isArray(value) ? Number(key) : key]),
    ),
  ];
}

function changed(value: Json, chance: Chance): Json {
  const { next, upTo, one } = chance;
  const copy = structuredClone(value);
  const way = one(places(copy));
  if (way.length === 0) return one(STRANGE)(chance);
  let holder = copy as Record<string | number, Json>;
  for (const key of way.slice(0, -1)) holder = holder[key] as Record<string | number, Json>;
  const last = way.at(-1) as string | number;
  const kind = upTo(6);
  const now = holder[last] as Json;
  if (kind === 0) delete holder[last];
  else if (kind === 1 && !Array.isArray(holder)) holder[`${last}x`] = now;
  else if (kind === 2 && typeof now === 'number') holder[last] = now * (next() * 4 - 1);
  else if (kind === 3 && Array.isArray(now)) holder[last] = [...now, ...now];
  else holder[last] = one(STRANGE)(chance);
  return copy;
}

/** A value with one to three things wrong in it: fields taken away, put elsewhere, of another kind, too long, too deep, out of range. */
export function mangled(value: Json, chance: Chance): Json {
  let result = value;
  for (let i = chance.upTo(3); i >= 0; i--) result = changed(result, chance);
  return result;
}
