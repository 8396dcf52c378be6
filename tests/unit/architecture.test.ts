import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { describe, expect, it } from 'vitest';

const CORE = 'src/core';
const files = readdirSync(CORE, { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.ts') && !file.endsWith('.test.ts'),
);
const folderOf = (file: string) => file.split('/')[0] as string;

/** What each folder of the core uses, read off the imports of its files. */
function used(): Map<string, Set<string>> {
  const found = new Map(files.map((file): [string, Set<string>] => [folderOf(file), new Set()]));
  for (const file of files) {
    const source = readFileSync(join(CORE, file), 'utf8');
    for (const [, path = ''] of source.matchAll(/from '(\.[^']*)'/g)) {
      const target = folderOf(relative(CORE, join(CORE, file, '..', path)));
      if (target !== folderOf(file)) found.get(folderOf(file))?.add(target);
    }
  }
  return found;
}

/** The same, as docs/architecture.md says it: `folder: what it uses`, a folder a line, lowest first. */
function said(): [string, string[]][] {
  const doc = readFileSync('docs/architecture.md', 'utf8');
  const block = /```arrows\n([\s\S]*?)```/.exec(doc)?.[1] ?? '';
  return block
    .trim()
    .split('\n')
    .map((line) => {
      const [folder = '', uses = ''] = line.split(':');
      return [folder.trim(), uses.trim().split(/\s+/).filter(Boolean)];
    });
}

describe('folders of the core', () => {
  it('use what docs/architecture.md says, and nothing else', () => {
    const read = Object.fromEntries([...used()].map(([folder, uses]) => [folder, [...uses].sort()]));
    expect(Object.fromEntries(said().map(([folder, uses]) => [folder, uses.toSorted()]))).toEqual(read);
  });

  it('use only folders below them', () => {
    const below = new Set<string>();
    for (const [folder, uses] of said()) {
      expect(
        uses.filter((one) => !below.has(one)),
        folder,
      ).toEqual([]);
      below.add(folder);
    }
  });
});
