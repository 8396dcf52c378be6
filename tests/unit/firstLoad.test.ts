import { existsSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import ts from 'typescript';
import { expect, it } from 'vitest';
import { ALL_STATIONS } from '@/ui/stations/stations';

/** What a file imports or re-exports as values, as it is written. */
function valueImports(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.ESNext);
  return source.statements.flatMap((node) => {
    if (!ts.isImportDeclaration(node) && !ts.isExportDeclaration(node)) return [];
    const { moduleSpecifier } = node;
    if (!moduleSpecifier || !ts.isStringLiteral(moduleSpecifier)) return [];
    if (ts.isExportDeclaration(node)) return node.isTypeOnly ? [] : [moduleSpecifier.text];
    const clause = node.importClause;
    const named = clause?.namedBindings;
    const onlyTypes =
      clause !== undefined &&
      (clause.phaseModifier === ts.SyntaxKind.TypeKeyword ||
        (!clause.name &&
          named !== undefined &&
          ts.isNamedImports(named) &&
          named.elements.every(({ isTypeOnly }) => isTypeOnly)));
    return onlyTypes ? [] : [moduleSpecifier.text];
  });
}

/** The file of this project that a specifier names; the specifier itself for a package. */
function fileOf(specifier: string, from: string): string {
  const path = specifier.startsWith('@/')
    ? join('src', specifier.slice(2))
    : specifier.startsWith('.')
      ? join(dirname(from), specifier)
      : undefined;
  return (path && ['.ts', '.tsx'].map((end) => path + end).find((file) => existsSync(file))) ?? specifier;
}

/** The shortest way by which loading `start` loads a package; undefined where it does not. */
function wayTo(wanted: string, start: string): string[] | undefined {
  const ways: string[][] = [[start]];
  const seen = new Set([start]);
  for (const way of ways) {
    const last = way.at(-1) ?? start;
    if (last === wanted) return way;
    if (!existsSync(last)) continue;
    for (const next of valueImports(last).map((specifier) => fileOf(specifier, last))) {
      if (!seen.has(next)) ways.push([...way, next]);
      seen.add(next);
    }
  }
  return undefined;
}

/** The simulated camera reads its own settings; it is part of Review's page. */
const READS_SCHEMAS = ['/review'];
const QUICK = ALL_STATIONS.map(({ href }) => href).filter((href) => !READS_SCHEMAS.includes(href));

it.each(QUICK)(
  '%s is shown without the schemas’ library (33 kB), which is fetched where something is read',
  (href) => {
    const page = `src/app${href}/page.tsx`;
    const shown = valueImports(page).filter((specifier) => specifier.startsWith('@/ui/'));
    expect(shown.length).toBeGreaterThan(1);
    expect(shown.flatMap((specifier) => wayTo('zod', fileOf(specifier, page)) ?? [])).toEqual([]);
  },
);

it('a station that loads it is found', () => {
  expect(wayTo('zod', 'src/ui/review/ReviewStation.tsx')?.at(-1)).toBe('zod');
});
