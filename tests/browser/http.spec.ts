import { request as httpRequest } from 'node:http';
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
  expect((await contradiction.json()).error.message).toMatch(/One of the two has to go/);
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
