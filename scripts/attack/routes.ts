import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const FOLDER = 'src/app/api';
const METHOD = /export (?:async function|const|function) (GET|PUT|POST|DELETE|PATCH)\b/g;

/** Every route of the server and its methods, as `PUT /api/sheets/[id]`: read from the code, so that a new one is known. */
export const routesThere = (): string[] =>
  readdirSync(FOLDER, { recursive: true, encoding: 'utf8' })
    .filter((path) => path.endsWith('route.ts'))
    .flatMap((path) =>
      [...readFileSync(join(FOLDER, path), 'utf8').matchAll(METHOD)].map(
        ([, method]) => `${method} /api/${path.slice(0, -'/route.ts'.length)}`,
      ),
    )
    .sort();

/** Which of the routes a request goes to; undefined for pages and for what is no route. */
export function routeOf(routes: readonly string[], method: string, path: string): string | undefined {
  const asked = `${method} ${path.split('?', 1)[0]}`.split('/');
  const fits = (route: string) => {
    const parts = route.split('/');
    return (
      parts.length === asked.length && parts.every((part, i) => part.startsWith('[') || part === asked[i])
    );
  };
  // A name in the address (`items/import`) comes before what stands for any.
  return routes.filter(fits).sort((a, b) => a.split('[').length - b.split('[').length)[0];
}
