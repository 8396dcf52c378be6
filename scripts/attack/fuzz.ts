/**
 * `npm run fuzz [-- cases seed]`: made-up requests to every route of two built servers on one database in turns, 100,000 of them unless
 * told otherwise (`requests.ts`), while a writer keeps numbers through both. No answer may be 5xx, none may take long, whatever was
 * acknowledged must be there, every route must have been asked, and a minute after the memory of each server must be back. The
 * same seed makes the same requests.
 */
import { rmSync } from 'node:fs';
import { numbersFrom } from '../../src/core/measure/seeded';
import { type OnTheDesk, requestsOf } from './requests';
import { routeOf, routesThere } from './routes';
import { later, memoryOf, quantile, type Server, serve } from './server';
import { chanceOf } from './strange';
import { Written } from './written';

const [cases = 100_000, seed = 1] = process.argv.slice(2).map(Number);
const PORTS = [3496, 3497] as const;
const FOLDER = 'test-results/fuzz';
/** Requests under way at once. */
const AT_ONCE = 4;
/** An answer that takes longer than this is told of, in ms; a file made in a thread of its own, with its progress, may take longer. */
const SLOW = 2000;
const SLOW_FILE = 10_000;
const MADE_IN_A_THREAD = /^\/api\/(course|class|pens|review|piece|practice|render)/;
/** After so long without work, in ms, the press has ended its threads. */
const REST = 75_000;
/** Memory of a server after the rest, in MB, at most. */
const MOST_MEMORY = 500;
/** Requests between two looks at the memory. */
const EVERY = 500;
/** The writer's pause between two writes, in ms. */
const WRITER_PAUSE = 250;

const next = numbersFrom(seed);
rmSync(FOLDER, { recursive: true, force: true });
const env = {
  ELVANE_DEMO: '1',
  ELVANE_DB_URL: `file:${FOLDER}/fuzz.db`,
  ELVANE_COPIES: `${FOLDER}/copies`,
};
const servers: Server[] = [];
for (const port of PORTS) servers.push(await serve({ port, env }));
const first = servers[0] as Server;

/** Reviews and prints of the demo, from its pages. */
async function onTheDesk(): Promise<OnTheDesk> {
  for (;;) {
    const page = await (await fetch(`${first.base}/review`)).text();
    const reviews = [
      ...new Set([...page.matchAll(/\/review\/([\w-]{6,40})/g)].map(([, id]) => id as string)),
    ];
    const prints = [
      ...new Set([...page.matchAll(/\\?"print\\?":\\?"(\w+)\\?"/g)].map(([, id]) => id as string)),
    ];
    if (reviews.length >= 3) return { reviews, prints };
    await later(1000);
  }
}

const desk = await onTheDesk();
const ask = await requestsOf(chanceOf(next), desk);
// What a page takes at its first visit is the framework's loading of it.
for (const { base } of servers)
  for (const page of [
    'rule',
    'strokes',
    'practise',
    'kit',
    'piece',
    'hand',
    'log',
    'begin',
    'bench',
    'shelf',
  ])
    await fetch(`${base}/${page}`);

const routes = routesThere();
const unasked = new Set(routes);
const statuses = new Map<number, number>();
const failed: string[] = [];
const times: number[] = [];
const sizes = servers.map(({ pid }) => [memoryOf(pid)]);
let sent = 0;

async function client() {
  while (sent < cases) {
    sent += 1;
    const { base } = servers[sent % servers.length] as Server;
    const { method, path, body, type = 'application/json' } = ask();
    unasked.delete(routeOf(routes, method, path) ?? '');
    const started = performance.now();
    let status = 0;
    try {
      const answer = await fetch(base + path, {
        method,
        body,
        redirect: 'manual',
        headers: body === undefined ? {} : { 'Content-Type': type },
        signal: AbortSignal.timeout(60_000),
      });
      status = answer.status;
      await answer.arrayBuffer();
    } catch (error) {
      failed.push(`${method} ${path}: ${error}`);
    }
    const took = performance.now() - started;
    times.push(took);
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    if (status >= 500 || took > (MADE_IN_A_THREAD.test(path) ? SLOW_FILE : SLOW)) {
      const said = typeof body === 'string' ? body.slice(0, 600) : '';
      failed.push(`${status} after ${Math.round(took)} ms: ${method} ${path} ${said}`);
    }
    if (sent % EVERY === 0) for (const [i, { pid }] of servers.entries()) sizes[i]?.push(memoryOf(pid));
  }
}

/** Keeps numbers through the servers in turns, beside the fuzz. */
async function writer(written: Written): Promise<void> {
  for (let i = 0; sent < cases; i++) {
    const { base } = servers[i % servers.length] as Server;
    await written.write(base, i % 2 ? 'sheet-written' : 'item-written');
    await later(WRITER_PAUSE);
  }
  failed.push(...(await written.lost(first.base)));
}

const began = Date.now();
const written = new Written();
await Promise.all([...Array.from({ length: AT_ONCE }, client), writer(written)]);
times.sort((a, b) => a - b);
await later(REST);
const rested = servers.map(({ pid }) => memoryOf(pid));
const within = (share: number) => `${Math.round(quantile(times, share))} ms`;
const mb = (size: number | undefined) => `${Math.round(size ?? 0)} MB`;
console.log(`${sent} requests, seed ${seed}, in ${Math.round((Date.now() - began - REST) / 1000)} s`);
console.log(
  `answers: ${[...statuses]
    .sort()
    .map(([status, count]) => `${status} ${count}`)
    .join(', ')}`,
);
console.log(`half within ${within(0.5)}, 99 % within ${within(0.99)}, the longest ${within(1)}`);
sizes.forEach((size, i) => {
  console.log(
    `memory of server ${i + 1}: ${mb(size[0])} at first, ${mb(Math.max(...size))} at most, ${mb(size.at(-1))} at the end, ${mb(rested[i])} after a rest`,
  );
});
console.log(`${written.count} numbers kept beside it`);
for (const route of unasked) failed.push(`${route} was never asked`);
rested.forEach((size, i) => {
  if (size > MOST_MEMORY) failed.push(`server ${i + 1} holds ${mb(size)} after a rest`);
});
console.log(
  failed.length === 0
    ? 'Nothing failed.'
    : `${failed.length} failed or slow:\n${failed.slice(0, 40).join('\n')}`,
);
for (const server of servers) await server.end('SIGTERM');
process.exit(failed.length === 0 ? 0 : 1);
