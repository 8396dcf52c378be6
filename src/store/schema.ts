import { blob, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/** Times are ISO 8601 in UTC; ids are made by the application, so rows move between databases unchanged. */

/** A sheet on the shelf: a named recipe. `deletedAt` keeps a deleted sheet until the deletion can no longer be undone. */
export const sheets = sqliteTable('sheets', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  /** A recipe as JSON; parsed (and migrated) by the core on reading. */
  recipe: text('recipe').notNull(),
  createdAt: text('created_at').notNull(),
  updatedAt: text('updated_at').notNull(),
  deletedAt: text('deleted_at'),
  /** Grows with every save: a save that knows an earlier one is refused. */
  revision: integer('revision').notNull().default(1),
});

/** The bench: what the scribe owns. Its facts are JSON, parsed by the core on reading. */
export const items = sqliteTable('items', {
  id: text('id').primaryKey(),
  kind: text('kind').notNull(),
  label: text('label').notNull(),
  archived: integer('archived', { mode: 'boolean' }).notNull(),
  data: text('data').notNull(),
});

/** Staged rows of a file that is being imported: an import is all or nothing. */
export const stagedItems = sqliteTable(
  'staged_items',
  {
    batch: text('batch').notNull(),
    id: text('id').notNull(),
    data: text('data').notNull(),
    stagedAt: text('staged_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.batch, table.id] })],
);

/** Photos, by their content: each is kept once, however many things show it. */
export const pictures = sqliteTable('pictures', {
  id: text('id').primaryKey(),
  type: text('type').notNull(),
  bytes: blob('bytes', { mode: 'buffer' }).notNull(),
  addedAt: text('added_at').notNull(),
});

/** What happened at the desk: mixes, what helped, what cured, what is prepared, the kit chosen. */
export const records = sqliteTable(
  'records',
  {
    id: text('id').primaryKey(),
    kind: text('kind').notNull(),
    data: text('data').notNull(),
    at: text('at').notNull(),
  },
  (table) => [index('records_by_kind_and_time').on(table.kind, table.at)],
);

/**
 * What is remembered of each thing that is practised: worked out of the sessions among the records, and worked out anew from
 * them after a restore. It is in no backup.
 */
export const study = sqliteTable(
  'study',
  {
    hand: text('hand').notNull(),
    unit: text('unit').notNull(),
    /** `core/study` memory as JSON. */
    memory: text('memory').notNull(),
    /** Its ratings, each with the session it comes from, as JSON, the earliest first. */
    ratings: text('ratings').notNull(),
  },
  (table) => [primaryKey({ columns: [table.hand, table.unit] })],
);

/** Staged rows of a backup that is being restored: a restore is all or nothing. */
export const stagedRows = sqliteTable(
  'staged_rows',
  {
    batch: text('batch').notNull(),
    name: text('name').notNull(),
    number: integer('number').notNull(),
    /** The row as JSON, by the names of its columns here. */
    data: text('data').notNull(),
    stagedAt: text('staged_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.batch, table.name, table.number] })],
);

/** Printers and the measured lengths of their 100 mm check bars. */
export const printers = sqliteTable('printers', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  measuredX: real('measured_x').notNull(),
  measuredY: real('measured_y').notNull(),
  selected: integer('selected', { mode: 'boolean' }).notNull(),
});

/** The scribe's letter set for a hand: chosen shapes and letters of their own, as JSON parsed by the core on reading. */
export const letterSets = sqliteTable('letter_sets', {
  hand: text('hand').primaryKey(),
  content: text('content').notNull(),
});

/** One row, written to test whether the store is writable. It is in no backup. */
export const scratch = sqliteTable('scratch', { id: text('id').primaryKey(), at: text('at').notNull() });

/** Words to practise with, in place of the bundled list, as the text they came in. */
export const wordLists = sqliteTable('word_lists', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  content: text('content').notNull(),
});

/** Printed pages with a code, as they were drawn: what a photograph of one is measured against. */
export const printedPages = sqliteTable('printed_pages', {
  /** The print's id and the page's number. */
  id: text('id').primaryKey(),
  print: text('print').notNull(),
  page: integer('page').notNull(),
  of: integer('of').notNull(),
  hash: text('hash').notNull(),
  title: text('title').notNull(),
  /** What drew it: the application's version, and the state of its letters. */
  engine: text('engine').notNull(),
  at: text('at').notNull(),
  /** The page as JSON (`core/document/keptPage`). */
  data: text('data').notNull(),
});
