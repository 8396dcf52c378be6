import { readFileSync } from 'node:fs';
import { getTableColumns, getTableName, is } from 'drizzle-orm';
import { SQLiteTable } from 'drizzle-orm/sqlite-core';
import { expect, it } from 'vitest';
import { KEPT_TABLE_NAMES } from '@/core/desk/keptTables';
import { BACKUP_TABLES } from './backupTables';
import * as schema from './schema';

/** Tables that no backup holds as rows, and why. */
const NOT_KEPT = {
  pictures: 'files of their own in the zip',
  study: 'rebuilt from the sessions',
  scratch: 'holds nothing',
  staged_items: 'an import under way',
  staged_rows: 'a restore under way',
};

it('a table of the schema is in backups, or it is said why not', () => {
  const tables = Object.values(schema).filter((one) => is(one, SQLiteTable));
  const kept = Object.values(BACKUP_TABLES).map(({ table }) => getTableName(table));
  expect([...kept, ...Object.keys(NOT_KEPT)].toSorted()).toEqual(tables.map(getTableName).toSorted());
});

it.each(KEPT_TABLE_NAMES)(
  '%s: a backup holds every column but the revision, which a restore sets anew',
  (name) => {
    const { table, columns } = BACKUP_TABLES[name];
    const stored = Object.keys(getTableColumns(table)).filter((column) => column !== 'revision');
    expect([...columns].toSorted()).toEqual(stored.toSorted());
  },
);

it('every kept table stands in docs/formats.md', () => {
  const formats = readFileSync('docs/formats.md', 'utf8');
  expect(KEPT_TABLE_NAMES.filter((name) => !formats.includes(`\`${name}.jsonl\``))).toEqual([]);
});
