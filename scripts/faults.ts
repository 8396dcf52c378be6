/**
 * `npm run faults [-- kills seed]`: a built server is killed (SIGKILL) at random moments of mixed writing, 200 times unless told
 * otherwise, and started anew on the same database. Whatever it had acknowledged must be there.
 */

import { type ChildProcess, spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { freshRecipe } from '../src/core/document/defaults';
import { DEMO_BENCH } from '../src/core/kit/demoBench';
import type { Item } from '../src/core/kit/itemFormat';
import { numbersFrom } from '../src/core/measure/seeded';

const [kills = 200, seed = 1] = process.argv.slice(2).map(Number);
const PORT = 3491;
const FOLDER = 'test-results/faults';
const BASE = `http://127.0.0.1:${PORT}`;
/** Writers at once, and the longest a server lives, in ms. */
const WRITERS = 4;
const LONGEST_LIFE = 700;

const next = numbersFrom(seed);

let server: ChildProcess | undefined;
process.once('exit', () => server?.kill('SIGKILL'));

async function serve(): Promise<void> {
  server = spawn(process.execPath, ['scripts/start.mjs'], {
    env: {
      ...process.env,
      PORT: String(PORT),
      ELVANE_DB_URL: `file:${FOLDER}/faults.db`,
      ELVANE_LOG_LEVEL: 'error',
    },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  for (;;) {
    const up = await fetch(`${BASE}/api/health`).then(
      ({ ok }) => ok,
      () => false,
    );
    if (up) return;
    await new Promise((wait) => setTimeout(wait, 40));
  }
}

const put = (path: string, body: unknown): Promise<boolean> =>
  fetch(`${BASE}${path}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  }).then(
    ({ ok }) => ok,
    () => false,
  );

/** What was acknowledged last of each thing, and what may have been kept besides: writes that were never answered. */
const acknowledged = new Map<string, number>();
const unanswered = new Map<string, Set<number>>();
let count = 0;

const recipe = freshRecipe('italic');
const [item] = DEMO_BENCH as [Item];

/** One write of its own number to its own thing; only one writer writes a thing, so the last acknowledged must stand. */
async function write(writer: number, alive: () => boolean): Promise<void> {
  while (alive()) {
    count += 1;
    const number = count;
    const kind = next() < 0.5 ? 'sheet' : 'item';
    const key = `${kind}-${writer}`;
    const maybe = unanswered.get(key) ?? new Set();
    unanswered.set(key, maybe.add(number));
    const ok =
      kind === 'sheet'
        ? await put(`/api/sheets/${key}`, { name: `number ${number}`, recipe })
        : await put(`/api/items/${key}`, { ...item, id: key, label: `number ${number}` });
    if (!ok) return;
    acknowledged.set(key, number);
    maybe.clear();
  }
}

/** The number a thing holds now. */
async function held(key: string): Promise<number | undefined> {
  if (key.startsWith('item')) {
    const answer = (await (await fetch(`${BASE}/api/items`)).json()) as Item[] | { items: Item[] };
    const all = Array.isArray(answer) ? answer : answer.items;
    return Number(all.find(({ id }) => id === key)?.label.replace('number ', ''));
  }
  const shelf = await (await fetch(`${BASE}/shelf`)).text();
  const found = new RegExp(`"id":"${key}","name":"number (\\d+)"`).exec(shelf.replaceAll('\\"', '"'));
  return found ? Number(found[1]) : undefined;
}

rmSync(FOLDER, { recursive: true, force: true });
const lost: string[] = [];
let writes = 0;
for (let i = 0; i < kills; i++) {
  await serve();
  let alive = true;
  const before = count;
  const writers = Promise.all(Array.from({ length: WRITERS }, (_, writer) => write(writer, () => alive)));
  await new Promise((wait) => setTimeout(wait, next() * LONGEST_LIFE));
  const gone = new Promise((resolve) => server?.once('exit', resolve));
  server?.kill('SIGKILL');
  await gone;
  alive = false;
  await writers;
  writes += count - before;
  await serve();
  for (const [key, number] of acknowledged) {
    const now = await held(key);
    if (now !== number && !unanswered.get(key)?.has(now ?? -1))
      lost.push(`${key}: ${number} was acknowledged, ${now} is there`);
    // What was not answered may have been kept: it counts from here.
    if (now !== undefined) acknowledged.set(key, now);
    unanswered.get(key)?.clear();
  }
  const ended = new Promise((resolve) => server?.once('exit', resolve));
  server?.kill('SIGKILL');
  await ended;
}
console.log(`${kills} kills, seed ${seed}, ${writes} writes`);
console.log(
  lost.length === 0
    ? 'Nothing acknowledged was lost.'
    : `${lost.length} lost:\n${lost.slice(0, 10).join('\n')}`,
);
process.exit(lost.length === 0 ? 0 : 1);
