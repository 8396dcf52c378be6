import sharp from 'sharp';
import { USUAL_CAMERA } from '../../src/core/camera/settings';
import { KEPT_TABLE_NAMES } from '../../src/core/desk/keptTables';
import { freshRecipe } from '../../src/core/document/defaults';
import { demoSheets } from '../../src/core/document/demoSheets';
import { recipeSchema } from '../../src/core/document/recipe';
import { HANDS } from '../../src/core/hands/registry';
import { loadAllScripts } from '../../src/core/hands/scripts';
import { DEMO_BENCH } from '../../src/core/kit/demoBench';
import { itemSchema } from '../../src/core/kit/itemFormat';
import { ENTRIES } from '../../src/core/log/entry';
import { demoPieces } from '../../src/core/piece/demoPieces';
import { pieceSchema } from '../../src/core/piece/piece';
import { courseSchema, plannedSchema } from '../../src/core/practice/course/courseFormat';
import { letterSetSchema } from '../../src/core/setting/letterSet';
import { type Json, type Known, makerOf } from '../../tests/support/made';
import { type Chance, mangled } from './strange';

/** A request as it is sent. */
export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body?: string | Uint8Array<ArrayBuffer>;
  readonly type?: string;
}

/** What a desk holds that a made-up request may name. */
export interface OnTheDesk {
  readonly reviews: readonly string[];
  readonly prints: readonly string[];
}

/** How often a kind of request is made, against the others: what takes a thread for seconds is rare. */
const OFTEN = 100;
const SELDOM = 15;
const RARE = 3;

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
const SAMPLE = { hand: 'italic', nib: '2.4', body: '12', rows: '2', pitch: '40', text: 'nn' };
const NUMBERS = ['0', '1', '72', '1e9', '-5', 'NaN', 'x', ''];
/** A batch nobody puts rows aside under: what is restored is asked for, and never found. */
const NEVER_STAGED = 'never-staged';

const plain = (value: unknown) => JSON.parse(JSON.stringify(value)) as Json;
const isObject = (value: Json): value is { [key: string]: Json } =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Pictures, and what is none. */
async function pictures(): Promise<readonly Uint8Array<ArrayBuffer>[]> {
  const white = sharp({ create: { width: 640, height: 480, channels: 3, background: 'white' } });
  const [jpeg, png] = await Promise.all([
    white
      .clone()
      .jpeg()
      .toBuffer()
      .then((bytes) => new Uint8Array(bytes)),
    white
      .clone()
      .png()
      .toBuffer()
      .then((bytes) => new Uint8Array(bytes)),
  ]);
  const text = (words: string) => new TextEncoder().encode(words);
  return [
    jpeg,
    png,
    jpeg.subarray(0, 300),
    png.subarray(0, 60),
    text('%PDF-1.4\n1 0 obj\n<</Type/Catalog>>\nendobj\ntrailer<</Root 1 0 R>>'),
    text('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'),
    text('GIF89a'),
    new Uint8Array(0),
    new Uint8Array(5000),
  ];
}

/** Makes requests to every route. A part of the bodies is made by the schemas themselves, allowed but wild; a part are good ones
 * crossed with such, a part both with something wrong in them. */
export async function requestsOf(chance: Chance, desk: OnTheDesk): Promise<() => Asked> {
  const { next, upTo, one } = chance;
  await loadAllScripts();
  const pixels = await pictures();
  const recipes = [
    ...demoSheets().map(({ recipe }) => recipe),
    ...HANDS.map(({ id }) => freshRecipe(id)),
  ].map(plain);
  const pieces = demoPieces().map(({ piece }) => plain(piece));
  const items = DEMO_BENCH.map(plain);
  /** Fields whose schema does not say what they may hold. */
  const known: Known = {
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
    }).map(([name, schema]) => [name, makerOf(schema, next, known)]),
  );

  const id = () =>
    encodeURIComponent(
      one(['a', 'demo-italic', 'x'.repeat(41), 'a b', '%2e%2e', '\u00fc', 'known-italic', '0', '__proto__']),
    );
  const hand = () =>
    one(['italic', 'copperplate', 'brush', 'monoline', 'court', 'nobody', 'constructor', '%00']);
  const query = (parts: Record<string, readonly string[]>) =>
    Object.entries(parts)
      .map(([key, values]) => `${key}=${encodeURIComponent(one(values))}`)
      .join('&');

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
  function body(good: Json, schema?: string): Json {
    const wild = schema ? made[schema]?.() : undefined;
    if (wild === undefined) return one([() => good, () => mangled(good, chance)])();
    return one([
      () => wild,
      () => crossed(good, wild),
      () => mangled(crossed(good, wild), chance),
      () => mangled(good, chance),
    ])();
  }
  const sent = (method: string, path: string, content: Json): Asked => ({
    method,
    path,
    body: JSON.stringify(content),
  });
  const withBody = (method: string, path: string, good: Json, schema?: string): Asked =>
    sent(method, path, body(good, schema));
  const picture = (path: string): Asked => ({ method: 'POST', path, body: one(pixels), type: 'image/jpeg' });
  const corners = () =>
    one(['0,0,1,0,1,1,0,1', '0.1,0.1,0.9,0.1,0.9,0.9,0.1,0.9', '0', 'x', '9,9,9,9,9,9,9,9']);

  const kinds: readonly (readonly [share: number, make: () => Asked])[] = [
    // Sheets, practice pages, pieces and their files.
    [
      OFTEN,
      () =>
        withBody(
          'POST',
          `/api/render?${query({ format: ['pdf', 'svg', 'png', 'json', 'gif'], dpi: ['36', ...NUMBERS], alone: ['0', '1'], printer: ['none', 'practice', 'x'] })}`,
          one(recipes),
          'recipe',
        ),
    ],
    [
      OFTEN,
      () =>
        withBody(
          'POST',
          `/api/practice?${query({ format: ['pdf', 'svg', 'json', 'x'], page: NUMBERS })}`,
          one(recipes),
          'recipe',
        ),
    ],
    [
      OFTEN,
      () =>
        withBody(
          'POST',
          `/api/piece?${query({ format: ['pdf', 'svg', 'json'], print: ['model', 'guide', 'x'], on: ['own', 'a4'], rows: ['one', 'open'], row: NUMBERS })}`,
          one(pieces),
          'piece',
        ),
    ],
    [
      OFTEN,
      () => {
        const kind = one(['recipe', 'piece']);
        const recipe = body(one(kind === 'recipe' ? recipes : pieces), kind);
        return sent('PUT', `/api/sheets/${id()}`, { name: 'fuzz', recipe });
      },
    ],
    [OFTEN, () => ({ method: one(['GET', 'DELETE', 'POST']), path: `/api/sheets/${id()}` })],
    [OFTEN, () => ({ method: one(['GET', 'POST']), path: `/api/sheets/${id()}/picture` })],
    [SELDOM, () => ({ method: 'POST', path: `/api/sheets/${id()}/restore` })],
    [
      SELDOM,
      () =>
        sent('POST', '/api/course', {
          recipe: body(one(recipes), 'recipe'),
          course: body({ sessions: 2, minutes: 10, largeFirst: true }, one(['course', 'planned'])),
        }),
    ],
    [
      SELDOM,
      () =>
        withBody('POST', `/api/pens?${query({ format: ['pdf', 'json', 'x'] })}`, {
          word: 'moon',
          hand: hand(),
          pens: items.slice(0, 4).map((item) => (isObject(item) ? (item.id ?? null) : null)),
        }),
    ],
    [
      SELDOM,
      () => {
        const list = made.class?.() ?? null;
        return sent('POST', `/api/class?${query({ format: ['pdf', 'zip', 'x'] })}`, {
          ...(isObject(list) ? list : {}),
          handout: one<Json>(['page', 'page', 'x']),
          copies: one([1, 2, 0, 99]),
        });
      },
    ],
    // The bench.
    [OFTEN, () => withBody('PUT', '/api/items', [one(items), one(items)])],
    [
      OFTEN,
      () =>
        withBody('PATCH', '/api/items', [
          {
            id: one(['square-2-4', 'nobody']),
            was: { wear: one(['none', 'some']) },
            now: { wear: one(['some', 'worn out']) },
          },
        ]),
    ],
    [OFTEN, () => ({ method: 'GET', path: '/api/items' })],
    [OFTEN, () => withBody('PUT', `/api/items/${id()}`, one(items), 'item')],
    [OFTEN, () => ({ method: 'DELETE', path: `/api/items/${id()}` })],
    [OFTEN, () => withBody('DELETE', '/api/items', ['nobody', 'x'])],
    [SELDOM, () => withBody(one(['POST', 'PUT', 'DELETE']), `/api/items/import?batch=${id()}`, [one(items)])],
    // What is remembered.
    [
      OFTEN,
      () => {
        const kind = one(Object.keys(ENTRIES));
        return sent('PUT', `/api/records/${id()}`, {
          kind,
          data: body({ letters: ['a', 'b'], stressed: [] }, kind),
          ...one<{ [key: string]: Json }>([{}, { was: null }, { was: mangled({ a: 1 }, chance) }]),
        });
      },
    ],
    [OFTEN, () => ({ method: 'DELETE', path: `/api/records/${id()}` })],
    [OFTEN, () => withBody('PUT', '/api/records/ses-fuzz', { kind: 'session', data: SESSION })],
    [
      SELDOM,
      () =>
        withBody('POST', '/api/log/import', { sessions: [{ id: 'ses-file', session: SESSION }] }, 'session'),
    ],
    [
      SELDOM,
      () => withBody('POST', '/api/log/student', { sessions: [{ id: 'a', session: SESSION }] }, 'session'),
    ],
    [OFTEN, () => withBody('POST', '/api/today/page', { hand: hand(), steps: [STEP] }, 'steps')],
    [
      OFTEN,
      () => ({
        method: 'GET',
        path: `/${one(['today', 'log', 'api/log', 'api/log/summary', 'api/log/unit', 'api/log/letters', 'api/log/export'])}?${query({ hand: ['italic', 'x'], unit: ['letter:n', 'x'], minutes: ['20', 'x'], weeks: ['12', '-1'], format: ['csv', 'json', 'ics', 'x'], text: ['n', "'"], at: ['x', '2026-01-01T00:00:00.000Z'], id: ['a', '..'] })}`,
      }),
    ],
    [
      SELDOM,
      () =>
        withBody(
          'POST',
          '/api/begin',
          { purpose: 'card', tool: 'felt', about: { side: 'left', paper: 'a4' } },
          'about',
        ),
    ],
    // Letters, words, printers.
    [
      OFTEN,
      () =>
        withBody(
          'PUT',
          `/api/letters/${hand()}`,
          { format: 'elvane-letters', version: 1, hand: 'italic', variants: { a: 'usual' }, letters: [] },
          'letters',
        ),
    ],
    [OFTEN, () => ({ method: one(['GET', 'DELETE']), path: `/api/letters/${hand()}` })],
    [SELDOM, () => withBody('POST', '/api/words', { name: 'w', content: 'moon star comet dusk' })],
    [
      SELDOM,
      () => ({
        method: one(['GET', 'DELETE']),
        path: `/api/words?${query({ list: ['bundled', 'x', 'own-1', ''] })}`,
      }),
    ],
    [SELDOM, () => ({ method: 'GET', path: '/api/words/lists' })],
    [
      SELDOM,
      () => withBody('PUT', `/api/printers/${id()}`, { name: 'p', measuredX: 99.5, measuredY: 100.2 }),
    ],
    [SELDOM, () => ({ method: 'DELETE', path: `/api/printers/${id()}` })],
    [SELDOM, () => withBody('POST', '/api/printers/select', { id: null })],
    // Pictures and reviews.
    [SELDOM, () => picture('/api/pictures')],
    [SELDOM, () => ({ method: 'GET', path: `/api/pictures/${id()}` })],
    [SELDOM, () => picture(`/api/review?${query({ page: NUMBERS, print: [...desk.prints, 'x'] })}`)],
    [RARE, () => picture(`/api/review?${query({ print: [...desk.prints, 'x'] })}&corners=${corners()}`)],
    [
      RARE,
      () =>
        picture(
          `/api/review/sample?${query(Object.fromEntries(Object.entries(SAMPLE).map(([key, value]) => [key, [value, value, 'x']])))}&corners=${corners()}`,
        ),
    ],
    [
      RARE,
      () =>
        withBody('POST', '/api/review/camera', {
          print: one([...desk.prints, 'x']),
          page: 1,
          camera: plain({ ...USUAL_CAMERA, seed: 1 + upTo(1000) }),
        }),
    ],
    [SELDOM, () => ({ method: 'POST', path: `/api/review/${one([...desk.reviews, 'x'])}/next` })],
    [
      SELDOM,
      () => ({
        method: 'GET',
        path: `/api/review/${one([...desk.reviews, 'x'])}/overlay?${query({ what: ['outline', 'ink', 'skeleton', 'x'] })}`,
      }),
    ],
    // Backups: rows are put aside and thrown away; what is restored was never put aside.
    [
      SELDOM,
      () =>
        withBody('POST', '/api/restore/rows?batch=fuzz', {
          table: one(KEPT_TABLE_NAMES),
          first: one([0, 0, 5, -1, 1e15]),
          rows: [one([...items, ...recipes])],
        }),
    ],
    [SELDOM, () => withBody('PUT', `/api/restore/rows?batch=${NEVER_STAGED}`, { items: 3, sheets: 1 })],
    [SELDOM, () => ({ method: 'DELETE', path: `/api/restore/rows?batch=${one(['fuzz', '..', ''])}` })],
    [
      SELDOM,
      () =>
        withBody('POST', '/api/restore', {
          format: 'elvane-backup',
          version: 1,
          sheets: [],
          items: [one(items)],
        }),
    ],
    [RARE, () => ({ method: 'GET', path: '/api/backup' })],
    [
      RARE,
      () => ({
        method: 'GET',
        path: `/api/copies${one(['', '', '/x', '/..%2f..', '/elvane-copy-2026-11-30.zip'])}`,
      }),
    ],
    // Doors, health, pages.
    [
      SELDOM,
      () => ({
        method: 'POST',
        path: '/api/enter',
        body: one(['passphrase=moon', 'x', '', 'passphrase='.padEnd(5000, 'x')]),
        type: one(['application/x-www-form-urlencoded', 'text/plain', 'multipart/form-data; boundary=x']),
      }),
    ],
    [SELDOM, () => ({ method: 'POST', path: '/api/leave' })],
    [RARE, () => ({ method: 'DELETE', path: `/api/damage/${one(['x', '..%2ffuzz.db', 'fuzz.db'])}` })],
    [SELDOM, () => withBody('DELETE', '/api/unreadable', { table: 'items', key: 'x' })],
    [
      SELDOM,
      () => ({
        method: 'GET',
        path: one(['/api/unreadable', '/api/notices', '/api/health', '/api/health/live', '/api/nothing']),
      }),
    ],
    [
      SELDOM,
      () => ({
        method: 'GET',
        path: `/${one(['rule', 'strokes', 'practise', 'kit', 'piece'])}?${query({ sheet: ['demo-italic', 'x'], r: ['x', 'NobwRA', ''], hand: ['italic', 'copperplate', 'brush', 'monoline', 'court', 'x', ''], school: ['x'] })}`,
      }),
    ],
    [
      SELDOM,
      () => ({
        method: 'GET',
        path: one([
          '/',
          '/begin',
          '/hand',
          '/pens',
          '/bench',
          '/shelf',
          '/review',
          ...desk.reviews.map((review) => `/review/${review}`),
          '/workshop',
          '/enter',
        ]),
      }),
    ],
  ];
  const shares = kinds.reduce((sum, [share]) => sum + share, 0);
  return () => {
    let at = next() * shares;
    const kind = kinds.find(([share]) => {
      at -= share;
      return at < 0;
    });
    return (kind ?? (kinds[0] as (typeof kinds)[number]))[1]();
  };
}
