import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';

/** Routes of the table: method, and the path as the framework's folders have it. */
const table = readFileSync('src/core/desk/routes.ts', 'utf8');
const answered = table.slice(table.indexOf('interface Answered'));
const routes = [...answered.matchAll(/^ {2}'(([A-Z]+) \/(\S+))':/gm)].map(
  ([, route = '', method = '', path = '']) => ({ route, method, path }),
);

/** The folder of a route: an id may be called by any name there. */
const folders = (path: string) =>
  ['id', 'hand'].map((name) => join('src/app', path.replace('{}', `[${name}]`), 'route.ts'));

it.each(routes)('$route is answered as the table says', ({ route, method, path }) => {
  const sources = folders(path).flatMap((file) => {
    try {
      return [readFileSync(file, 'utf8')];
    } catch {
      return [];
    }
  });
  const source = sources.join('');
  expect(source).toMatch(new RegExp(`export const ${method} =`));
  // A large bench goes out as text that is written once.
  if (route !== 'GET /api/items') expect(source).toContain(`reply('${route}'`);
});

it('the table is read', () => {
  expect(routes.length).toBeGreaterThan(20);
});

/** An answer whose type is only claimed: `(await answer.json()) as Item[]`. */
const CLAIMED = /\.json\(\)\)?\s+as\b/;

it('no station claims a type for what a route answers', () => {
  expect('((await answer.json()) as { id: string }).id').toMatch(CLAIMED);
  const sources = ['src/ui', 'src/workers'].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((file) => /\.tsx?$/.test(file))
      .map((file) => join(folder, file)),
  );
  expect(sources.filter((file) => CLAIMED.test(readFileSync(file, 'utf8')))).toEqual([]);
});
