import { request as httpRequest } from 'node:http';
import { connect } from 'node:net';
import { freshRecipe } from '../../src/core/document/defaults';
import { expect, test } from './desk';

const recipe = freshRecipe('italic');

/** A request with headers that a browser would not let a page set. */
function raw(
  baseURL: string,
  path: string,
  options: { method?: string; headers?: Record<string, string>; body?: string },
): Promise<{ status: number; text: string }> {
  return new Promise((resolve, reject) => {
    const outgoing = httpRequest(
      new URL(path, baseURL),
      { method: options.method ?? 'GET', headers: options.headers },
      (incoming) => {
        let text = '';
        incoming.on('data', (chunk) => {
          text += chunk;
        });
        incoming.on('end', () => resolve({ status: incoming.statusCode ?? 0, text }));
      },
    );
    outgoing.on('error', reject);
    outgoing.end(options.body);
  });
}

test('renders any recipe in four formats', async ({ request }) => {
  for (const [format, type] of [
    ['pdf', 'application/pdf'],
    ['svg', 'image/svg+xml'],
    ['png', 'image/png'],
    ['json', 'application/json'],
  ] as const) {
    const response = await request.post(`/api/render?format=${format}`, { data: recipe });
    expect(response.status()).toBe(200);
    expect(response.headers()['content-type']).toContain(type);
  }
  const drawing = await (await request.post('/api/render?format=json', { data: recipe })).json();
  expect(drawing).toMatchObject({ width: 210, height: 297 });
});

test('bad requests get a clear word and the right status', async ({ request }) => {
  const cases: [string, unknown, number, RegExp][] = [
    ['/api/render?format=gif', recipe, 422, /must be one of pdf, svg, png, json/],
    [
      '/api/render?format=png&dpi=9000',
      recipe,
      422,
      /Resolution is 9000 dpi; the nearest allowed is 600 dpi/,
    ],
    ['/api/render?format=pdf', { ...recipe, width: -1 }, 422, /nearest allowed is 0.1 mm/],
    ['/api/render?format=pdf', { ...recipe, version: 4 }, 422, /version 4/],
    ['/api/render?format=pdf', { ...recipe, given: { lines: 1_000_000 } }, 422, /nearest allowed is 400/],
    [
      '/api/render?format=pdf&letters=another',
      { ...recipe, exemplar: 'dusk' },
      412,
      /changed in another window/,
    ],
    ['/api/render?format=pdf', { ...recipe, note: 'x'.repeat(5_000_000) }, 413, /longer than 64 kB/],
    ['/api/render?format=pdf', {}, 422, /not an Elvane recipe/],
  ];
  for (const [path, data, status, message] of cases) {
    const response = await request.post(path, { data });
    expect(response.status(), path).toBe(status);
    expect((await response.json()).error.message).toMatch(message);
  }
  const contradiction = await request.put('/api/sheets/contradicts-itself', {
    data: { name: 'x', recipe: { ...recipe, given: { bodyMm: 10, width: 2.4 } } },
  });
  expect(contradiction.status()).toBe(422);
  expect((await contradiction.json()).error.message).toMatch(/Both cannot hold: choose one/);
  const broken = await request.post('/api/render?format=pdf', {
    headers: { 'content-type': 'application/json' },
    data: Buffer.from('{"format": '),
  });
  expect(broken.status()).toBe(400);
  const plain = await request.post('/api/render?format=pdf', {
    headers: { 'content-type': 'text/plain' },
    data: 'x',
  });
  expect(plain.status()).toBe(415);
  expect((await request.put('/api/sheets/../x', { data: {} })).status()).toBeGreaterThanOrEqual(400);
  expect((await request.delete('/api/sheets/none-such')).status()).toBe(404);
});

test('a wrong Host or Origin is turned away and nothing changes', async ({ baseURL, request }) => {
  const before = await (await request.get('/api/health')).json();
  const body = JSON.stringify({ name: 'From elsewhere', recipe });
  const json = { 'content-type': 'application/json', 'content-length': String(Buffer.byteLength(body)) };
  const host = await raw(baseURL as string, '/api/sheets/x', {
    method: 'PUT',
    headers: { ...json, host: 'elsewhere.example' },
    body,
  });
  expect(host.status).toBe(421);
  for (const origin of ['http://elsewhere.example', 'null', 'http://127.0.0.1:1']) {
    const response = await raw(baseURL as string, '/api/sheets/x', {
      method: 'PUT',
      headers: { ...json, origin },
      body,
    });
    expect(response.status).toBe(403);
  }
  const site = await raw(baseURL as string, '/api/sheets/x', {
    method: 'PUT',
    headers: { ...json, 'sec-fetch-site': 'cross-site' },
    body,
  });
  expect(site.status).toBe(403);
  expect(await (await request.get('/api/health')).json()).toEqual(before);
});

test('pages carry a strict content security policy', async ({ request }) => {
  const { 'content-security-policy': policy, 'x-powered-by': powered } = (
    await request.get('/rule')
  ).headers();
  expect(policy).toContain("default-src 'self'");
  expect(policy).toContain("object-src 'none'");
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).toMatch(/script-src 'self' 'nonce-[^']+';/);
  expect(powered).toBeUndefined();
});

test('titles are pictures that browsers keep, and no text of somebody else’s is written', async ({
  request,
}) => {
  const page = await (await request.get('/shelf')).text();
  const [, address = ''] = /url\(&quot;(\/api\/titles\/Elvane\?v=\w+)&quot;\)/.exec(page) ?? [];
  const picture = await request.get(address);
  expect(picture.headers()['content-type']).toBe('image/svg+xml');
  expect(picture.headers()['cache-control']).toContain('immutable');
  // Six letters; none of their outlines stands in the page.
  expect((await picture.text()).match(/<path /g)?.length).toBeGreaterThanOrEqual(6);
  expect(page).not.toContain('non-scaling-stroke');
  expect((await request.get('/api/titles/Anything')).status()).toBe(404);
});

/** Speaks to the server byte by byte; answers what it said until it closed. */
function spoken(baseURL: string, words: string): Promise<string> {
  const { hostname, port } = new URL(baseURL);
  return new Promise((resolve, reject) => {
    const socket = connect(Number(port), hostname, () => socket.write(words));
    let said = '';
    socket.on('data', (chunk) => {
      said += chunk;
    });
    socket.on('close', () => resolve(said));
    socket.on('error', reject);
  });
}

test('web sockets are closed at once, and leave nothing open', async ({ baseURL }) => {
  const asked = 'GET /x HTTP/1.1\r\nHost: anything\r\nConnection: Upgrade\r\nUpgrade: websocket\r\n\r\n';
  // The framework may listen for them only from its first answer on.
  for (let i = 0; i < 5; i++) {
    const closed = await Promise.all(Array.from({ length: 20 }, () => spoken(baseURL, asked)));
    for (const said of closed) expect(said).toBe('');
    expect(
      (await raw(baseURL, '/api/health/live', { headers: { host: new URL(baseURL).host } })).status,
    ).toBe(200);
  }
});

test('what is no address of this server is refused in plain words', async ({ baseURL }) => {
  const { host } = new URL(baseURL);
  for (const line of ['GET *', 'OPTIONS *', `GET http://elsewhere/`]) {
    const said = await spoken(baseURL, `${line} HTTP/1.1\r\nHost: ${host}\r\nConnection: close\r\n\r\n`);
    expect(said, line).toMatch(/^HTTP\/1\.1 400 .*[\s\S]*This address cannot be read/);
  }
});

test('the passphrase’s form: what is none, and what never ends', async ({ baseURL, request }) => {
  for (const [headers, data] of [
    [{ 'content-type': 'application/json' }, '{}'],
    [{ 'content-type': 'multipart/form-data' }, 'no boundary'],
    [{ 'content-type': 'multipart/form-data; boundary=x' }, '--y'],
  ] as const) {
    const response = await request.post('/api/enter', { headers, data });
    expect(response.status(), data).toBe(400);
    expect((await response.json()).error.message).toMatch(/not the form/);
  }
  // In parts without a length, it is read no farther than a form is long.
  const { host } = new URL(baseURL);
  const part = `1000\r\n${'a'.repeat(0x1000)}\r\n`;
  const head = `POST /api/enter HTTP/1.1\r\nHost: ${host}\r\nContent-Type: application/x-www-form-urlencoded\r\nTransfer-Encoding: chunked\r\nConnection: close\r\n\r\n`;
  expect(await spoken(baseURL, `${head}${part}0\r\n\r\n`)).toMatch(/^HTTP\/1\.1 413 /);
});

test('a client is told by its machine, not by what it says of itself', async ({ baseURL }) => {
  const course = JSON.stringify({ recipe, course: { sessions: 9, minutes: 10, largeFirst: false } });
  const control = new AbortController();
  const refused: number[] = [];
  const asked = Array.from({ length: 16 }, (_, i) =>
    fetch(`${baseURL}/api/course`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'X-Forwarded-For': `10.0.0.${i}` },
      body: course,
      signal: control.signal,
    }).then((response) => void (response.status === 429 && refused.push(response.status))),
  );
  // Twelve files of one client are made at once; whatever they call themselves, the others wait.
  await expect.poll(() => refused.length).toBeGreaterThanOrEqual(4);
  control.abort();
  await Promise.allSettled(asked);
});

test('whoever leaves a shared desk has no session any more', async ({ request }) => {
  const response = await request.post('/api/leave', { maxRedirects: 0 });
  expect(response.status()).toBe(303);
  expect(response.headers().location).toBe('/enter');
  expect(response.headers()['set-cookie']).toMatch(/^elvane-session=; .*Max-Age=0/);
});
