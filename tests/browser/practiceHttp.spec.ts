import { freshRecipe } from '../../src/core/document/defaults';
import { bandOf } from '../../src/core/practice/bands/bandOf';
import { expect, test } from './desk';

const recipe = freshRecipe('italic');
const bands = [
  bandOf('b1', 'drill', 'zigzag'),
  bandOf('b2', 'family', 'branching'),
  bandOf('b3', 'word', 'moon'),
];
const page = { ...recipe, title: 'Arches', practice: { bands: [...bands, bandOf('b4', 'family', 'oval')] } };

const pagesOf = (pdf: Buffer) => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length;

test('a practice page in four formats, all its sheets', async ({ request }) => {
  const { pages, remarks } = await (await request.post('/api/practice?format=json', { data: page })).json();
  expect(pages.length).toBeGreaterThan(1);
  expect(pages[0]).toMatchObject({ width: 210, height: 297, title: 'Arches' });
  expect(remarks).toEqual([]);
  const pdf = await request.post('/api/practice?format=pdf', { data: page });
  expect(pdf.headers()['content-disposition']).toContain('filename="arches.pdf"');
  expect(pagesOf(await pdf.body())).toBe(pages.length);
  const svg = await request.post('/api/practice?format=svg&page=2', { data: page });
  expect(svg.headers()['content-disposition']).toContain('filename="arches-2.svg"');
  expect(await svg.text()).toContain('<svg');
  const png = await request.post('/api/practice?format=png&dpi=50', { data: page });
  expect((await png.body()).subarray(1, 4).toString()).toBe('PNG');
  const beyond = await request.post('/api/practice?format=svg&page=99', { data: page });
  expect(beyond.status()).toBe(422);
  expect((await beyond.json()).error.message).toBe(
    `There are ${pages.length} pages; the nearest that works is page ${pages.length}.`,
  );
});

test('a practice page is bounded: bands, their ids, and sheets', async ({ request }) => {
  const many = (count: number, id: (i: number) => string) => ({
    ...recipe,
    practice: { bands: Array.from({ length: count }, (_, i) => bandOf(id(i), 'letter', 'n', { lines: 30 })) },
  });
  const refusals: [unknown, RegExp][] = [
    [many(81, (i) => `b${i}`), /at most 80 bands/],
    [many(2, () => 'b'), /Two bands have the same id/],
    [many(80, (i) => `b${i}`), /fill \d+ sheets; at most 60/],
  ];
  for (const [data, message] of refusals) {
    const response = await request.post('/api/practice?format=pdf', { data });
    expect(response.status()).toBe(422);
    expect((await response.json()).error.message).toMatch(message);
  }
});

test('a pack: whole, with its progress, planned already, and refused in plain words', async ({ request }) => {
  const course = { sessions: 9, minutes: 10, largeFirst: false };
  const pdf = await request.post('/api/course', { data: { recipe, course } });
  expect(pdf.headers()['content-disposition']).toContain('filename="a-course-in-italic-course.pdf"');
  const whole = await pdf.body();
  expect(pagesOf(whole)).toBe(12);

  const reported = await request.post('/api/course?progress=1', { data: { recipe, course } });
  const lines = (await reported.text())
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line));
  const stages = lines.flatMap((line) =>
    'stage' in line ? [`${line.stage} ${line.done} of ${line.of}`] : [],
  );
  expect(stages[0]).toBe('planning 3 of 12');
  expect(stages).toContain('drawing 12 of 12');
  const parts = lines.flatMap((line) => ('chunk' in line ? [Buffer.from(line.chunk, 'base64')] : []));
  expect(pagesOf(Buffer.concat(parts))).toBe(12);

  const planned = {
    options: course,
    pages: [{ title: 'One page', bands: bands.slice(0, 1), checks: ['Look.'] }],
  };
  const one = await request.post('/api/course', { data: { recipe, course: planned } });
  expect(pagesOf(await one.body())).toBe(3);

  const refusals: [unknown, number, RegExp][] = [
    [{ recipe, course: { ...course, sessions: 2 } }, 422, /nearest that works is 5 sessions/],
    [{ recipe, course: { ...course, sessions: 27, minutes: 60 } }, 422, /a pack has 8 to 30/],
    [
      { recipe, course: { ...planned, pages: [{ title: 'Much', bands: page.practice.bands, checks: [] }] } },
      422,
      /“Much” does not fit/,
    ],
    [{ recipe, course: { ...course, colour: 'red' } }, 422, /course/],
    [{ recipe, course, note: 'x'.repeat(600_000) }, 413, /longer than 512 kB/],
  ];
  for (const [data, status, message] of refusals) {
    const response = await request.post('/api/course', { data });
    expect(response.status()).toBe(status);
    expect((await response.json()).error.message).toMatch(message);
  }
});

test('the list of words: bundled, replaced, and back', async ({ request }) => {
  const bundled = await (await request.get('/api/words')).json();
  expect(bundled.name).toBeNull();
  expect(bundled.words.length).toBeGreaterThan(30_000);
  const given = { name: 'sky.txt', content: 'mesiac\nhviezda\n42\n' };
  const { id, ...read } = await (await request.post('/api/words', { data: given })).json();
  expect(read).toEqual({ name: 'sky.txt', words: 2, skipped: 1 });
  const list = `/api/words?list=${id}`;
  expect(await (await request.get(list)).json()).toEqual({ name: 'sky.txt', words: ['mesiac', 'hviezda'] });
  // The list belongs to what chose it: everything else keeps the bundled one. The same list given twice is one list.
  expect((await (await request.get('/api/words')).json()).name).toBeNull();
  expect((await (await request.post('/api/words', { data: given })).json()).id).toBe(id);
  const kept = await (await request.get('/api/words/lists')).json();
  expect(kept.lists).toContainEqual({ id, name: 'sky.txt' });
  const empty = await request.post('/api/words', { data: { name: 'none.txt', content: '1 2 3' } });
  expect(empty.status()).toBe(422);
  expect((await empty.json()).error.message).toContain('No words were found');
  const huge = await request.post('/api/words', { data: { name: 'x', content: 'word '.repeat(600_000) } });
  expect(huge.status()).toBe(422);
  expect((await request.delete(list)).status()).toBe(204);
  expect((await (await request.get(list)).json()).name).toBeNull();
});
