import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';

/**
 * `npm run licences`: writes docs/licences.md, the packages that ship with the application and their licences, from the lock
 * file; where that names none, from the package itself.
 */
export const LIST = 'docs/licences.md';

/** What the lock file says of a package. */
interface Locked {
  readonly license?: string;
  readonly dev?: boolean;
  readonly devOptional?: boolean;
}

/** The licence a package names, in any of the ways packages have named it. */
function licenceOf(path: string, { license }: { readonly license?: string }): string | undefined {
  if (license) return license;
  const file = `${path}/package.json`;
  if (!existsSync(file)) return undefined;
  const { license: own, licenses } = JSON.parse(readFileSync(file, 'utf8'));
  return (
    own?.type ??
    own ??
    licenses?.map(({ type }: { readonly type: string }) => type).join(' OR ') ??
    byItsText(path)
  );
}

/** A package that names no licence may have its text beside it: the MIT licence is told by its first words. */
function byItsText(path: string): string | undefined {
  const file = readdirSync(path).find((name) => /^licen[cs]e/i.test(name));
  return file && /Permission is hereby granted, free of charge/.test(readFileSync(`${path}/${file}`, 'utf8'))
    ? 'MIT'
    : undefined;
}

/** What ships, by licence: names of packages, each once. */
export function shipped(): ReadonlyMap<string, ReadonlySet<string>> {
  const { packages }: { packages: Readonly<Record<string, Locked>> } = JSON.parse(
    readFileSync('package-lock.json', 'utf8'),
  );
  const byLicence = new Map<string, Set<string>>();
  for (const [path, entry] of Object.entries(packages)) {
    if (path === '' || entry.dev || entry.devOptional) continue;
    const name = path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);
    const licence = licenceOf(path, entry) ?? 'not named';
    byLicence.set(licence, new Set([...(byLicence.get(licence) ?? []), name]));
  }
  return byLicence;
}

/** The list as it is written. */
export const listOf = (byLicence: ReadonlyMap<string, ReadonlySet<string>>): string =>
  [
    '# Licences',
    '',
    'The packages that ship with Elvane, by the licence each names. Written by `npm run licences`; a test holds it to the lock file.',
    ...[...byLicence]
      .sort(([a], [b]) => a.localeCompare(b, 'en'))
      .flatMap(([licence, names]) => [
        '',
        `## ${licence}`,
        '',
        [...names].sort((a, b) => a.localeCompare(b, 'en')).join(', '),
      ]),
    '',
  ].join('\n');

if (process.argv[1]?.endsWith('licences.ts')) writeFileSync(LIST, listOf(shipped()));
