import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { wordsOf } from '../support/wordsOf';

/** Folders whose files hold what is read at a station, or what the core says in sentences. */
const FOLDERS = [
  ...readdirSync('src/ui').map((name) => join('src/ui', name)),
  ...[
    'begin',
    'classroom',
    'document',
    'eye',
    'kit',
    'log',
    'piece',
    'practice',
    'review',
    'setting',
    'sheet',
    'study',
  ].map((name) => join('src/core', name)),
  'src/press',
  'src/store',
  'src/app',
];

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !/\.test\.|demo/i.test(file))
    .toSorted()
    .map((file) => join(folder, file));

it.each(FOLDERS)('words of %s are as was approved', async (folder) => {
  const read = filesIn(folder).flatMap((file) => {
    const words = wordsOf(file);
    return words.length > 0 ? [`${file}`, ...words.map((text) => `  ${text}`)] : [];
  });
  await expect(`${read.join('\n')}\n`).toMatchFileSnapshot(
    `values/interface/${folder.replace('src/', '').replaceAll('/', '.')}.txt`,
  );
});
