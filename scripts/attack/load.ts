/**
 * `npm run load [-- clients seconds]`: fifty clients at once for half a minute unless told otherwise, each doing what a scribe's
 * window does, one thing after the other: pages of every tool family, sheets saved and drawn, the bench, practice pages. No answer may
 * fail, 99 of 100 must come within 0.4 s, no client may be starved, and whether the server lives must be told within 0.1 s.
 */
import { once } from 'node:events';
import { rmSync } from 'node:fs';
import { Worker } from 'node:worker_threads';
import { freshRecipe } from '../../src/core/document/defaults';
import { DEMO_BENCH } from '../../src/core/kit/demoBench';
import type { Item } from '../../src/core/kit/itemFormat';
import { numbersFrom } from '../../src/core/measure/seeded';
import { bandOf } from '../../src/core/practice/bands/bandOf';
import { later, memoryOf, quantile, serve } from './server';

const [clients = 50, seconds = 30] = process.argv.slice(2).map(Number);
const PORT = 3492;
const FOLDER = 'test-results/load';
/** How long a scribe takes between two things, in ms, at least and at most: an autosave waits half a second. */
const PAUSE = { least: 300, most: 1700 };
const LIMIT = 400;
/** Whether the server lives is asked this often, and told within `LIVE_LIMIT`, in ms. */
const LIVE_EVERY = 100;
const LIVE_LIMIT = 100;
/** What Review says while the demo's own pages are measured, looked at that often, in ms. */
const MEASURING = 'The demo’s pages are being measured';
const MEASURING_EVERY = 2000;
/** Rounds of every task before the clock runs. */
const WARMING = 15;

rmSync(FOLDER, { recursive: true, force: true });
const server = await serve({
  port: PORT,
  env: { ELVANE_DB_URL: `file:${FOLDER}/load.db`, ELVANE_DEMO: '1' },
});
const recipe = freshRecipe('italic');
const page = { ...recipe, practice: { bands: [bandOf('a', 'family', 'branching')] } };
const [item] = DEMO_BENCH as [Item];

/** A hand of each tool family. */
const FAMILIES = ['italic', 'copperplate', 'brush', 'monoline', 'court'] as const;

interface Task {
  readonly name: string;
  /** How often it is done, against the others. */
  readonly share: number;
  readonly ask: (client: number) => readonly [method: string, path: string, body?: unknown];
}

const TASKS: readonly Task[] = [
  { name: 'page', share: 3, ask: () => ['GET', '/rule?sheet=demo-italic'] },
  { name: 'strokes', share: 1, ask: (n) => ['GET', `/strokes?hand=${FAMILIES[n % FAMILIES.length]}`] },
  { name: 'practise', share: 1, ask: (n) => ['GET', `/practise?hand=${FAMILIES[n % FAMILIES.length]}`] },
  { name: 'shelf', share: 1, ask: () => ['GET', '/shelf'] },
  { name: 'save', share: 10, ask: (n) => ['PUT', `/api/sheets/load-${n}`, { name: `Of ${n}`, recipe }] },
  { name: 'bench', share: 2, ask: () => ['GET', '/api/items'] },
  { name: 'thing', share: 4, ask: (n) => ['PUT', `/api/items/load-${n}`, { ...item, id: `load-${n}` }] },
  { name: 'sheet', share: 2, ask: () => ['POST', '/api/render?format=pdf&printer=none', recipe] },
  { name: 'practice', share: 1, ask: () => ['POST', '/api/practice?format=pdf&printer=none', page] },
  { name: 'health', share: 1, ask: () => ['GET', '/api/health'] },
];
const sorted = (list: readonly number[]) => [...list].sort((a, b) => a - b);
const all = TASKS.flatMap((task) => Array.from({ length: task.share }, () => task));

async function asked(task: Task, client: number): Promise<string | undefined> {
  const [method, path, body] = task.ask(client);
  const answer = await fetch(server.base + path, {
    method,
    body: body === undefined ? undefined : JSON.stringify(body),
    headers: { 'Content-Type': 'application/json', 'X-Forwarded-For': `10.0.0.${client}` },
  });
  await answer.arrayBuffer();
  return answer.ok ? undefined : `${answer.status} ${method} ${path}`;
}

// A server that has just started loads each route at its first call, and compiles what is called often: a class comes later.
for (let i = 0; i < WARMING; i++) for (const task of TASKS) await asked(task, i);
// A demo measures its own evenings once, at its first start; a class does not sit there then.
while ((await (await fetch(`${server.base}/review`)).text()).includes(MEASURING))
  await later(MEASURING_EVERY);
const times = new Map<string, number[]>();
const served: number[] = Array.from({ length: clients }, () => 0);
const failed: string[] = [];
const until = Date.now() + seconds * 1000;

const probe = new Worker(new URL('liveProbe.mjs', import.meta.url), {
  workerData: { url: `${server.base}/api/health/live`, every: LIVE_EVERY },
});

await Promise.all(
  served.map(async (_, client) => {
    const next = numbersFrom(client + 1);
    await later(next() * PAUSE.most);
    while (Date.now() < until) {
      const task = all[Math.floor(next() * all.length)] as Task;
      const began = performance.now();
      const wrong = await asked(task, client);
      times.set(task.name, [...(times.get(task.name) ?? []), performance.now() - began]);
      if (wrong) failed.push(wrong);
      served[client] = (served[client] ?? 0) + 1;
      await later(PAUSE.least + next() * (PAUSE.most - PAUSE.least));
    }
  }),
);
probe.postMessage('stop');
const [lives]: number[][] = await once(probe, 'message');
const lived = sorted(lives ?? []);

const total = sorted([...times.values()].flat());
const say = (list: readonly number[]) =>
  `half ${Math.round(quantile(list, 0.5))} ms, 99 % ${Math.round(quantile(list, 0.99))} ms, longest ${Math.round(quantile(list, 1))} ms`;
console.log(`${clients} clients, ${seconds} s: ${total.length} answers, ${failed.length} failed`);
console.log(`all: ${say(total)}`);
for (const [name, list] of times) console.log(`  ${name}: ${list.length}, ${say(sorted(list))}`);
console.log(`  live: ${lived.length}, ${say(lived)}`);
console.log(
  `a client was served ${Math.min(...served)} to ${Math.max(...served)} times; memory ${Math.round(memoryOf(server.pid))} MB`,
);
for (const line of failed.slice(0, 10)) console.log(line);
await server.end('SIGTERM');
const inTime = quantile(total, 0.99) <= LIMIT && quantile(lived, 1) <= LIVE_LIMIT;
process.exit(failed.length === 0 && inTime ? 0 : 1);
