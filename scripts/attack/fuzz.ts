/**
 * `npm run fuzz [-- cases seed]`: made-up requests to every route of a built server, 20,000 of them unless told otherwise. A third of
 * the bodies are made by the schemas themselves, allowed but wild; a third are such with something wrong in them, and a third good
 * requests with something wrong in them: fields taken away, put elsewhere, of another kind, too long, too deep, out of range. No answer may be 500, none may take long, and the memory must not grow. The same seed makes the same requests.
 */

import { rmSync } from 'node:fs';
import { freshRecipe } from '../../src/core/document/defaults';
import { demoSheets } from '../../src/core/document/demoSheets';
import { recipeSchema } from '../../src/core/document/recipe';
import { HANDS } from '../../src/core/hands/registry';
import { loadAllScripts } from '../../src/core/hands/scripts';
import { DEMO_BENCH } from '../../src/core/kit/demoBench';
import { itemSchema } from '../../src/core/kit/itemFormat';
import { ENTRIES } from '../../src/core/log/entry';
import { numbersFrom } from '../../src/core/measure/seeded';
import { demoPieces } from '../../src/core/piece/demoPieces';
import { pieceSchema } from '../../src/core/piece/piece';
import { courseSchema, plannedSchema } from '../../src/core/practice/course/courseFormat';
import { letterSetSchema } from '../../src/core/setting/letterSet';
import { type Json, type Known, makerOf } from '../../tests/support/made';
import { later, memoryOf, quantile, serve } from './server';

const [cases = 20_000, seed = 1] = process.argv.slice(2).map(Number);
const PORT = 3490;
const FOLDER = 'test-results/fuzz';
/** Requests under way at once. */
const AT_ONCE = 4;
/** An answer that takes longer than this is told of, in ms. */
const SLOW = 2000;
/** A pack of thirty pages is made in a thread of its own, with its progress: it may take longer. */
const SLOW_PACK = 10_000;

const next = numbersFrom(seed);
const upTo = (count: number) => Math.floor(next() * count);
const one = <T>(of: readonly T[]): T => of[upTo(of.length)] as T;

const deep = (levels: number): Json => (levels === 0 ? 1 : [deep(levels - 1)]);
/** What no field is meant to hold. */
const STRANGE: readonly (() => Json)[] = [
  () => null,
  () => true,
  () => -1,
  () => 0,
  () => 1e300,
  () => 5e-324,
  () => 0.1 + 0.2,
  () => 2 ** 53,
  () => '',
  () => 'x'.repeat(1 + upTo(3000)),
  () => '\u0000',
  () => '\ud800',
  () => 'नमस्ते 🌙 نجم e\u0301',
  () => '<img src=x onerror=alert(1)>',
  () => "'; DROP TABLE sheets; --",
  () => '../../etc/passwd',
  () => [],
  () => ({}),
  () => ({ __proto__: 1, constructor: 2 }) as unknown as Json,
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

function changed(value: Json): Json {
  const copy = structuredClone(value);
  const way = one(places(copy));
  if (way.length === 0) return one(STRANGE)();
  let holder = copy as Record<string | number, Json>;
  for (const key of way.slice(0, -1)) holder = holder[key] as Record<string | number, Json>;
  const last = way.at(-1) as string | number;
  const kind = upTo(6);
  const now = holder[last] as Json;
  if (kind === 0) delete holder[last];
  else if (kind === 1 && !Array.isArray(holder)) holder[`${last}x`] = now;
  else if (kind === 2 && typeof now === 'number') holder[last] = now * (next() * 4 - 1);
  else if (kind === 3 && Array.isArray(now)) holder[last] = [...now, ...now];
  else holder[last] = one(STRANGE)();
  return copy;
}

const mangled = (value: Json): Json => {
  let result = value;
  for (let i = upTo(3); i >= 0; i--) result = changed(result);
  return result;
};

await loadAllScripts();
const plain = (value: unknown) => JSON.parse(JSON.stringify(value)) as Json;
const STEP = { unit: 'letter:n', minutes: 2, reason: 'due', text: 'n' };
const SESSION = {
  hand: 'italic',
  began: '2026-11-27T18:00:00+01:00',
  ended: '2026-11-27T18:20:00+01:00',
  minutes: 20,
  units: ['letter:n', 'stroke:arches'],
  checks: [{ criterion: 'feet', rating: 'near' }],
  wobbled: [],
  note: 'cold',
  kit: {},
};
const RECIPES = [...demoSheets().map(({ recipe }) => recipe), ...HANDS.map(({ id }) => freshRecipe(id))].map(
  plain,
);
const PIECES = demoPieces().map(({ piece }) => plain(piece));
const ITEMS = DEMO_BENCH.map(plain);
const id = () => one(['a', 'demo-italic', 'x'.repeat(41), 'a b', '%2e%2e', '\u00fc', 'known-italic', '0']);
const query = (parts: Record<string, readonly string[]>) =>
  Object.entries(parts)
    .map(([key, values]) => `${key}=${encodeURIComponent(one(values))}`)
    .join('&');
const NUMBERS = ['0', '1', '72', '1e9', '-5', 'NaN', 'x', ''];

interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body?: string;
}
/** Fields whose schema does not say what they may hold. */
const KNOWN: Known = {
  hand: HANDS.map(({ id }) => id),
  id: ['a', 'b', 'demo-italic', 'known-italic'],
};
const made = Object.fromEntries(
  Object.entries({
    recipe: recipeSchema,
    piece: pieceSchema,
    item: itemSchema,
    letters: letterSetSchema,
    course: courseSchema,
    planned: plannedSchema,
    ...ENTRIES,
  }).map(([name, schema]) => [name, makerOf(schema, next, KNOWN)]),
);

/** A good body with up to three fields of one the schema made. */
function crossed(good: Json, wild: Json): Json {
  if (!isObject(good) || !isObject(wild)) return wild;
  const result = { ...good };
  for (let i = upTo(3); i >= 0; i--) {
    const [name, value] = one([...Object.entries(wild), ['format', good.format ?? null] as const]);
    result[name] = value;
  }
  return result;
}
const isObject = (value: Json): value is { [key: string]: Json } =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A body for a route: its schema's, where it has one, as it is, in a good one, or with something wrong; or a good one gone wrong. */
function body(good: Json, schema?: string): Json {
  const wild = schema ? made[schema]?.() : undefined;
  if (wild === undefined) return mangled(good);
  return one([
    () => wild,
    () => crossed(good, wild),
    () => mangled(crossed(good, wild)),
    () => mangled(good),
  ])();
}
const withBody = (method: string, path: string, good: Json, schema?: string): Asked => ({
  method,
  path,
  body: JSON.stringify(body(good, schema)),
});

/** A request to each route, with something wrong in it. */
const ROUTES: readonly (() => Asked)[] = [
  () =>
    withBody(
      'POST',
      `/api/render?${query({ format: ['pdf', 'svg', 'png', 'json', 'gif'], dpi: ['36', ...NUMBERS], alone: ['0', '1'], printer: ['none', 'practice', 'x'] })}`,
      one(RECIPES),
      'recipe',
    ),
  () =>
    withBody(
      'POST',
      `/api/practice?${query({ format: ['pdf', 'svg', 'json', 'x'], page: NUMBERS })}`,
      one(RECIPES),
      'recipe',
    ),
  () =>
    withBody(
      'POST',
      `/api/piece?${query({ format: ['pdf', 'svg', 'json'], print: ['model', 'guide', 'x'], on: ['own', 'a4'], rows: ['one', 'open'], row: NUMBERS })}`,
      one(PIECES),
      'piece',
    ),
  () => {
    const kind = one(['recipe', 'piece']);
    return {
      method: 'PUT',
      path: `/api/sheets/${encodeURIComponent(id())}`,
      body: JSON.stringify({ name: 'fuzz', recipe: body(one(kind === 'recipe' ? RECIPES : PIECES), kind) }),
    };
  },
  () => ({
    method: one(['GET', 'DELETE', 'POST']),
    path: `/api/sheets/${encodeURIComponent(id())}${one(['', '/picture', '/restore'])}`,
  }),
  () => withBody('PUT', '/api/items', [one(ITEMS), one(ITEMS)]),
  () => withBody('PUT', `/api/items/${encodeURIComponent(id())}`, one(ITEMS), 'item'),
  () => withBody('DELETE', '/api/items', ['nobody', 'x']),
  () => withBody('POST', `/api/items/import?batch=${id()}`, [one(ITEMS)]),
  () => {
    const kind = one(Object.keys(ENTRIES));
    const data = body({ letters: ['a', 'b'], stressed: [] }, kind);
    return {
      method: 'PUT',
      path: `/api/records/${encodeURIComponent(id())}`,
      body: JSON.stringify({ kind, data }),
    };
  },
  () => ({ method: 'DELETE', path: `/api/records/${encodeURIComponent(id())}` }),
  () =>
    withBody('PUT', `/api/printers/${encodeURIComponent(id())}`, {
      name: 'p',
      measuredX: 99.5,
      measuredY: 100.2,
    }),
  () => withBody('POST', '/api/printers/select', { id: null }),
  () =>
    withBody(
      'PUT',
      `/api/letters/${one(['italic', 'copperplate', 'nobody'])}`,
      {
        format: 'elvane-letters',
        version: 1,
        hand: 'italic',
        variants: { a: 'usual' },
        letters: [],
      },
      'letters',
    ),
  () => withBody('POST', '/api/words', { name: 'w', content: 'moon star comet dusk' }),
  () => withBody('PUT', '/api/records/ses-fuzz', { kind: 'session', data: SESSION }, 'session'),
  () => withBody('POST', '/api/log/import', { sessions: [{ id: 'ses-file', session: SESSION }] }, 'session'),
  () => withBody('POST', '/api/log/student', { sessions: [{ id: 'a', session: SESSION }] }, 'session'),
  () => withBody('POST', '/api/today/page', { hand: 'italic', steps: [STEP] }, 'steps'),
  () => ({
    method: 'GET',
    path: `/${one(['today', 'log', 'api/log', 'api/log/summary', 'api/log/unit', 'api/log/letters', 'api/log/export'])}?${query({ hand: ['italic', 'x'], unit: ['letter:n', 'x'], minutes: ['20', 'x'], weeks: ['12', '-1'], format: ['csv', 'json', 'ics', 'x'], text: ['n', "'"], at: ['x', '2026-01-01T00:00:00.000Z'], id: ['a', '..'] })}`,
  }),
  () => ({
    method: 'POST',
    path: '/api/course',
    body: JSON.stringify({
      recipe: body(one(RECIPES), 'recipe'),
      course: body({ sessions: 2, minutes: 10, largeFirst: true }, one(['course', 'planned'])),
    }),
  }),
  () => withBody('POST', '/api/restore/rows?batch=fuzz&table=items&from=0', { rows: [one(ITEMS)] }),
  () =>
    withBody('POST', '/api/restore', {
      format: 'elvane-backup',
      version: 1,
      sheets: [],
      items: [one(ITEMS)],
    }),
  () => ({
    method: 'GET',
    path: `/${one(['rule', 'strokes', 'practise', 'kit', 'piece'])}?${query({ sheet: ['demo-italic', 'x'], r: ['x', 'NobwRA', ''], hand: ['italic', 'x', ''], school: ['x'] })}`,
  }),
  () =>
    withBody(
      'POST',
      '/api/begin',
      { purpose: 'card', tool: 'felt', about: { side: 'left', paper: 'a4' } },
      'about',
    ),
  () =>
    withBody('POST', `/api/pens?${query({ format: ['pdf', 'json', 'x'] })}`, {
      word: 'moon',
      hand: one(HANDS).id,
      pens: ITEMS.slice(0, 4).map((item) => (isObject(item) ? (item.id ?? null) : null)),
    }),
  () => ({
    method: 'POST',
    path: `/api/class?${query({ format: ['pdf', 'zip', 'x'] })}`,
    body: JSON.stringify({
      ...(isObject(made.class?.() ?? null) ? (made.class?.() as { [key: string]: Json }) : {}),
      handout: one<Json>(['page', 'page', 'x']),
      copies: one([1, 2, 0, 99]),
    }),
  }),
  () => withBody('DELETE', '/api/unreadable', { table: 'items', key: 'x' }),
  () => ({
    method: 'GET',
    path: one(['/api/unreadable', '/api/notices', '/begin', '/pens', '/workshop', '/']),
  }),
  () => ({ method: 'GET', path: `/api/pictures/${encodeURIComponent(id())}` }),
];

rmSync(FOLDER, { recursive: true, force: true });
const server = await serve({
  port: PORT,
  env: { ELVANE_DEMO: '1', ELVANE_DB_URL: `file:${FOLDER}/fuzz.db` },
});
const { base, pid } = server;
// What a page takes at its first visit is the framework's loading of it.
for (const page of ['rule', 'strokes', 'practise', 'kit', 'piece']) await fetch(`${base}/${page}`);
const statuses = new Map<number, number>();
const failed: string[] = [];
const times: number[] = [];
/** After so long without work, in ms, the press has ended its threads. */
const REST = 75_000;
const sizes = [memoryOf(pid)];
let sent = 0;

async function client() {
  while (sent < cases) {
    sent += 1;
    const { method, path, body } = one(ROUTES)();
    const started = performance.now();
    let status = 0;
    try {
      const answer = await fetch(base + path, {
        method,
        body,
        redirect: 'manual',
        headers: body === undefined ? {} : { 'Content-Type': 'application/json' },
        signal: AbortSignal.timeout(15_000),
      });
      status = answer.status;
      await answer.arrayBuffer();
    } catch (error) {
      failed.push(`${method} ${path}: ${error}`);
    }
    const took = performance.now() - started;
    times.push(took);
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    if (status >= 500 || took > (path.startsWith('/api/course') ? SLOW_PACK : SLOW))
      failed.push(`${status} after ${Math.round(took)} ms: ${method} ${path} ${body?.slice(0, 600) ?? ''}`);
    if (sent % 500 === 0) sizes.push(memoryOf(pid));
  }
}

await Promise.all(Array.from({ length: AT_ONCE }, client));
times.sort((a, b) => a - b);
await later(REST);
const rested = memoryOf(pid);
const within = (share: number) => `${Math.round(quantile(times, share))} ms`;
console.log(`${sent} requests, seed ${seed}`);
console.log(
  `answers: ${[...statuses]
    .sort()
    .map(([status, count]) => `${status} ${count}`)
    .join(', ')}`,
);
console.log(`half within ${within(0.5)}, 99 % within ${within(0.99)}, the longest ${within(1)}`);
console.log(
  `memory: ${Math.round(sizes[0] ?? 0)} MB at first, ${Math.round(Math.max(...sizes))} MB at most, ${Math.round(sizes.at(-1) ?? 0)} MB at the end, ${Math.round(rested)} MB after a rest`,
);
console.log(
  failed.length === 0
    ? 'Nothing failed.'
    : `${failed.length} failed or slow:\n${failed.slice(0, 20).join('\n')}`,
);
await server.end('SIGTERM');
process.exit(failed.length === 0 ? 0 : 1);
