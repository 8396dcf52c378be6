/**
 * `npm run fuzz [-- cases seed]`: made-up requests to every route of a built server, 20,000 of them unless told otherwise. Each is a
 * good request with something wrong in it: fields taken away, put elsewhere, of another kind, too long, too deep, out of
 * range. No answer may be 500, none may take long, and the memory must not grow. The same seed makes the same requests.
 */

import { type ChildProcess, spawn } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { freshRecipe } from '../../src/core/document/defaults';
import { demoSheets } from '../../src/core/document/demoSheets';
import { HANDS } from '../../src/core/hands/registry';
import { loadAllScripts } from '../../src/core/hands/scripts';
import { DEMO_BENCH } from '../../src/core/kit/demoBench';
import { numbersFrom } from '../../src/core/measure/seeded';
import { demoPieces } from '../../src/core/piece/demoPieces';

const [cases = 20_000, seed = 1] = process.argv.slice(2).map(Number);
const PORT = 3490;
const FOLDER = 'test-results/fuzz';
/** Requests under way at once. */
const AT_ONCE = 4;
/** An answer that takes longer than this is told of, in ms. */
const SLOW = 2000;

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

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
const withBody = (method: string, path: string, body: Json): Asked => ({
  method,
  path,
  body: JSON.stringify(mangled(body)),
});

/** A request to each route, with something wrong in it. */
const ROUTES: readonly (() => Asked)[] = [
  () =>
    withBody(
      'POST',
      `/api/render?${query({ format: ['pdf', 'svg', 'png', 'json', 'gif'], dpi: ['36', ...NUMBERS], alone: ['0', '1'], printer: ['none', 'practice', 'x'] })}`,
      one(RECIPES),
    ),
  () =>
    withBody(
      'POST',
      `/api/practice?${query({ format: ['pdf', 'svg', 'json', 'x'], page: NUMBERS })}`,
      one(RECIPES),
    ),
  () =>
    withBody(
      'POST',
      `/api/piece?${query({ format: ['pdf', 'svg', 'json'], print: ['model', 'guide', 'x'], on: ['own', 'a4'], rows: ['one', 'open'], row: NUMBERS })}`,
      one(PIECES),
    ),
  () =>
    withBody('PUT', `/api/sheets/${encodeURIComponent(id())}`, {
      name: 'fuzz',
      recipe: one([...RECIPES, ...PIECES]),
    }),
  () => ({
    method: one(['GET', 'DELETE', 'POST']),
    path: `/api/sheets/${encodeURIComponent(id())}${one(['', '/picture', '/restore'])}`,
  }),
  () => withBody('PUT', '/api/items', [one(ITEMS), one(ITEMS)]),
  () => withBody('PUT', `/api/items/${encodeURIComponent(id())}`, one(ITEMS)),
  () => withBody('DELETE', '/api/items', ['nobody', 'x']),
  () => withBody('POST', `/api/items/import?batch=${id()}`, [one(ITEMS)]),
  () =>
    withBody('PUT', `/api/records/${encodeURIComponent(id())}`, {
      kind: 'known',
      data: { letters: ['a', 'b'], stressed: [] },
    }),
  () => ({ method: 'DELETE', path: `/api/records/${encodeURIComponent(id())}` }),
  () =>
    withBody('PUT', `/api/printers/${encodeURIComponent(id())}`, {
      name: 'p',
      measuredX: 99.5,
      measuredY: 100.2,
    }),
  () => withBody('POST', '/api/printers/select', { id: null }),
  () =>
    withBody('PUT', `/api/letters/${one(['italic', 'copperplate', 'nobody'])}`, {
      format: 'elvane-letters',
      version: 1,
      hand: 'italic',
      variants: { a: 'usual' },
      letters: [],
    }),
  () => withBody('PUT', '/api/words', { name: 'w', content: 'moon star comet dusk' }),
  () =>
    withBody('POST', '/api/course', {
      recipe: one(RECIPES),
      course: { sessions: 2, minutes: 10, largeFirst: true },
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
  () => ({ method: 'GET', path: `/api/pictures/${encodeURIComponent(id())}` }),
];

function serve(): Promise<ChildProcess> {
  rmSync(FOLDER, { recursive: true, force: true });
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    env: {
      ...process.env,
      PORT: String(PORT),
      ELVANE_DEMO: '1',
      ELVANE_DB_URL: `file:${FOLDER}/fuzz.db`,
      ELVANE_LOG_LEVEL: 'error',
    },
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    child.on('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
    const ask = async () => {
      const up = await fetch(`http://127.0.0.1:${PORT}/api/health`).then(
        ({ ok }) => ok,
        () => false,
      );
      if (up) resolve(child);
      else setTimeout(ask, 200);
    };
    void ask();
  });
}

/** Resident memory of the server, in MB. */
const memory = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

const server = await serve();
const pid = server.pid as number;
// Whatever ends this ends the server as well.
process.once('exit', () => server.kill('SIGKILL'));
// What a page takes at its first visit is the framework's loading of it.
for (const page of ['rule', 'strokes', 'practise', 'kit', 'piece'])
  await fetch(`http://127.0.0.1:${PORT}/${page}`);
const statuses = new Map<number, number>();
const failed: string[] = [];
const times: number[] = [];
const sizes = [memory(pid)];
let sent = 0;

async function client() {
  while (sent < cases) {
    sent += 1;
    const { method, path, body } = one(ROUTES)();
    const started = performance.now();
    let status = 0;
    try {
      const answer = await fetch(`http://127.0.0.1:${PORT}${path}`, {
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
    if (status >= 500 || took > SLOW)
      failed.push(`${status} after ${Math.round(took)} ms: ${method} ${path} ${body?.slice(0, 600) ?? ''}`);
    if (sent % 500 === 0) sizes.push(memory(pid));
  }
}

await Promise.all(Array.from({ length: AT_ONCE }, client));
times.sort((a, b) => a - b);
const quantile = (share: number) => `${Math.round(times[Math.floor(share * (times.length - 1))] ?? 0)} ms`;
console.log(`${sent} requests, seed ${seed}`);
console.log(
  `answers: ${[...statuses]
    .sort()
    .map(([status, count]) => `${status} ${count}`)
    .join(', ')}`,
);
console.log(`half within ${quantile(0.5)}, 99 % within ${quantile(0.99)}, the longest ${quantile(1)}`);
console.log(
  `memory: ${Math.round(sizes[0] ?? 0)} MB at first, ${Math.round(Math.max(...sizes))} MB at most, ${Math.round(sizes.at(-1) ?? 0)} MB at the end`,
);
console.log(
  failed.length === 0
    ? 'Nothing failed.'
    : `${failed.length} failed or slow:\n${failed.slice(0, 20).join('\n')}`,
);
server.removeAllListeners('exit');
server.kill('SIGTERM');
process.exit(failed.length === 0 ? 0 : 1);
