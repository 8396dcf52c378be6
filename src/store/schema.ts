import { integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';

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
});

/** The drawer: what the scribe owns to write with. */
export const nibs = sqliteTable('nibs', {
  id: text('id').primaryKey(),
  /** 'broad' | 'pointed' | 'brush' | 'two-point' */
  kind: text('kind').notNull(),
  label: text('label').notNull(),
  /** Edge length W, gap of two points, or full shade, in mm. */
  width: real('width').notNull(),
  /** Standard uncertainty of a measured width in mm; null where the width is only as marked. */
  uncertainty: real('uncertainty'),
  measuredAt: text('measured_at'),
});

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
