import { spawn } from 'node:child_process';
import { request as ask } from 'node:http';
import { connect } from 'node:net';
import LZString from 'lz-string';
import { freshRecipe } from '../../src/core/document/defaults';
import { expect, test } from './desk';

/** A request as no well-behaved client sends it; answers its status. */
const raw = (baseURL: string, method: string, path: string): Promise<number> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(baseURL);
    const sent = ask({ hostname, port, method, path }, (response) => {
      response.resume();
      resolve(response.statusCode ?? 0);
    });
    sent.on('error', reject).end();
  });

test('addresses and methods that are none are refused, never failed on', async ({ baseURL }) => {
  for (const path of ['/api/records/%', '/api/records/%ff', '/api/sheets/%', '/%'])
    expect(await raw(baseURL, 'GET', path), path).toBe(400);
  expect(await raw(baseURL, 'TRACE', '/api/health')).toBe(405);
  expect(await raw(baseURL, 'PROPFIND', '/')).toBe(405);
});

test('what is nested too deep, or not said to be JSON, is refused before it is read', async ({ request }) => {
  const deep = `${'['.repeat(20_000)}${']'.repeat(20_000)}`;
  const put = (data: string, type = 'application/json') =>
    request.put('/api/records/deep', { headers: { 'content-type': type }, data: Buffer.from(data) });
  expect((await put(deep)).status()).toBe(400);
  expect((await put('{"a": "[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[["}')).status()).toBe(422);
  expect((await put('{}', 'application/jsonx')).status()).toBe(415);
  expect((await put('{}', 'application/json; charset=utf-8')).status()).toBe(422);
});

test('text that a store would cut or change is refused; the rest is kept composed', async ({ request }) => {
  const put = (name: string) =>
    request.put('/api/sheets/kept-name', {
      headers: { 'content-type': 'application/json' },
      data: Buffer.from(JSON.stringify({ name, recipe: freshRecipe('italic') })),
    });
  for (const name of ['a\u0000b', 'a\ud800b', 'a\u0007b']) {
    const answer = await put(name);
    expect(answer.status()).toBe(422);
    expect((await answer.json()).error.message).toMatch(/cannot be kept; nothing was changed/);
  }
  expect((await put('Zu\u0308rich')).ok()).toBe(true);
  expect(await (await request.get('/shelf')).text()).toContain('Z\u00fcrich');
  await request.delete('/api/sheets/kept-name');
});

test('a letter without height prints like any other', async ({ request }) => {
  const recipe = freshRecipe('copperplate');
  const flat = { ...recipe, exemplar: 'W', zones: { ...recipe.zones, capital: 0 } };
  for (const format of ['pdf', 'svg', 'png'])
    expect((await request.post(`/api/render?format=${format}`, { data: flat })).status(), format).toBe(200);
});

test('pictures are drawn off the server’s thread: it answers meanwhile, and says what waits', async ({
  request,
}) => {
  const recipe = freshRecipe('italic');
  const large = { ...recipe, paper: { ...recipe.paper, format: 'a3' } };
  const drawn = Array.from({ length: 3 }, () =>
    request.post('/api/render?format=png&dpi=600', { data: large }),
  );
  const started = Date.now();
  await expect
    .poll(async () => (await (await request.get('/api/health')).json()).queue.waiting, { intervals: [20] })
    .toBeGreaterThan(0);
  let done = false;
  const all = Promise.all(drawn).then((answers) => {
    done = true;
    return answers;
  });
  let answered = 0;
  while (!done) {
    expect((await request.get('/api/health/live')).ok()).toBe(true);
    answered += 1;
  }
  for (const answer of await all) expect(answer.status()).toBe(200);
  // Many answers while three large pictures were made: the thread was free.
  expect(answered).toBeGreaterThan((Date.now() - started) / 1000);
});

test('a pack is made off the server’s thread as well, and stops when its reader leaves', async ({
  baseURL,
}) => {
  const leaving = new AbortController();
  const answers: (number | string)[] = [];
  const waiting = async () => (await (await fetch(`${baseURL}/api/health`)).json()).queue.waiting as number;
  const asked = Array.from({ length: 6 }, () =>
    fetch(`${baseURL}/api/course`, {
      method: 'POST',
      signal: leaving.signal,
      headers: { 'Content-Type': 'application/json', 'X-Forwarded-For': '10.1.1.1' },
      body: JSON.stringify({
        recipe: freshRecipe('copperplate'),
        course: { sessions: 24, minutes: 20, largeFirst: true },
      }),
    }).then(
      (answer) => {
        answers.push(answer.status);
        return answer.arrayBuffer();
      },
      (error) => answers.push(String(error)),
    ),
  );
  // None is answered before it was seen to wait; where one is, what it said is told.
  await expect
    .poll(async () => ((await waiting()) > 2 ? 'waiting' : answers.join(', ')), { intervals: [20] })
    .toBe('waiting');
  expect((await fetch(`${baseURL}/api/health/live`)).ok).toBe(true);
  leaving.abort();
  await Promise.all(asked);
  await expect.poll(waiting).toBe(0);
});

/** The status of a picture asked for by another machine: by another address of this one. */
const drawnFromElsewhere = (baseURL: string, data: unknown): Promise<number | undefined> =>
  new Promise((resolve, reject) => {
    const body = JSON.stringify(data);
    const outgoing = ask(
      new URL('/api/render?format=png&dpi=300', baseURL),
      { method: 'POST', localAddress: '127.0.0.2', headers: { 'Content-Type': 'application/json' } },
      (incoming) => {
        incoming.resume().on('end', () => resolve(incoming.statusCode));
      },
    );
    outgoing.on('error', reject);
    outgoing.end(body);
  });

test('one client cannot fill the press: what is too much is refused in plain words, others are served', async ({
  request,
  baseURL,
}) => {
  const large = { ...freshRecipe('italic'), paper: { ...freshRecipe('italic').paper, format: 'a3' } };
  const draw = () => request.post('/api/render?format=png&dpi=300', { data: large });
  const answers = Promise.all(Array.from({ length: 16 }, draw));
  expect(await drawnFromElsewhere(baseURL, large)).toBe(200);
  const refused = (await answers).filter((answer) => answer.status() === 429);
  expect(refused).toHaveLength(4);
  for (const answer of refused) expect(await answer.text()).toMatch(/wait for one of them/);
});

test('of fifty changes at once none is starved', async ({ request }) => {
  const item = { kind: 'broad-nib', label: 'one of fifty', width: 2 };
  const times = await Promise.all(
    Array.from({ length: 50 }, async (_, i) => {
      const began = performance.now();
      const answer = await request.put('/api/items', { data: [{ ...item, id: `fifty-${i}` }] });
      expect(answer.ok()).toBe(true);
      return performance.now() - began;
    }),
  );
  const [half, longest] = [0.5, 1].map(
    (share) => times.sort((a, b) => a - b)[Math.ceil(share * 50) - 1] ?? 0,
  );
  // Before, eight of fifty waited a hundred times as long as the others.
  expect(longest).toBeLessThan(10 * (half ?? 0) + 2000);
  const ids = Array.from({ length: 50 }, (_, i) => `fifty-${i}`);
  expect((await request.delete('/api/items', { data: ids })).ok()).toBe(true);
});

test('a request that never ends is ended after half a minute', async ({ baseURL }) => {
  const { hostname, port } = new URL(baseURL);
  const socket = connect(Number(port), hostname);
  const began = Date.now();
  socket.write(
    `PUT /api/items HTTP/1.1\r\nHost: ${hostname}:${port}\r\nContent-Type: application/json\r\nContent-Length: 100\r\n\r\n[`,
  );
  const said = await new Promise<string>((resolve) => {
    let text = '';
    socket.on('data', (part) => {
      text += part;
    });
    socket.on('close', () => resolve(text));
  });
  expect(Date.now() - began).toBeLessThan(60_000);
  expect(said).toMatch(/^(HTTP\/1\.1 408|$)/);
});

test('the server is one process: whatever ends it frees its port', async () => {
  const PORT = 3433;
  const up = () =>
    fetch(`http://127.0.0.1:${PORT}/api/health/live`).then(
      ({ ok }) => ok,
      () => false,
    );
  const server = spawn(process.execPath, ['scripts/start.mjs'], {
    env: { ...process.env, PORT: String(PORT), ELVANE_DB_URL: 'file:test-results/one/one.db' },
    stdio: 'ignore',
  });
  await expect.poll(up).toBe(true);
  const gone = new Promise((resolve) => server.once('exit', resolve));
  server.kill('SIGKILL');
  await gone;
  expect(await up()).toBe(false);
});

test('a sheet that does not fit its paper is not kept, and one in an address is not opened', async ({
  page,
  request,
}) => {
  const recipe = freshRecipe('italic');
  const margins = { top: 95, bottom: 95, left: 100, right: 100 };
  const tight = { ...recipe, paper: { ...recipe.paper, format: 'a5', margins } };
  const answer = await request.put('/api/sheets/tight', { data: { name: 'Tight', recipe: tight } });
  expect(answer.status()).toBe(422);
  expect((await answer.json()).error.message).toMatch(/margins|line/i);
  await page.goto(`/rule?r=${LZString.compressToEncodedURIComponent(JSON.stringify(tight))}`);
  await expect(page.getByText(/link cannot be read/)).toBeVisible();
});

test('pages tell the browser what they never ask for', async ({ request }) => {
  const headers = (await request.get('/shelf')).headers();
  expect(headers['permissions-policy']).toContain('camera=()');
  expect(headers['cross-origin-opener-policy']).toBe('same-origin');
  expect(headers['cross-origin-resource-policy']).toBe('same-origin');
});
