import { createHash } from 'node:crypto';
import { and, eq, lt, type SQL, sql } from 'drizzle-orm';
import { PICTURE_BYTES, type PictureType, pictureTypeOf } from '@/core/picture/picture';
import { Problem } from '@/core/problem/problem';
import { type Database, openDatabase } from './client';
import { items, pictures, records, stagedItems, stagedRows } from './schema';

export interface Picture {
  readonly id: string;
  readonly type: PictureType;
  readonly bytes: Uint8Array;
}

/** Number of hash digits in a picture's id. */
const ID_DIGITS = 40;

/**
 * Reads bytes as a picture; type and id derive from the content.
 * @throws Problem when the type is not accepted, or the picture is too large.
 */
export function asPicture(bytes: Uint8Array): Picture {
  const type = pictureTypeOf(bytes);
  if (!type) throw new Problem('photo', 'The photo is not a PNG, JPEG or WebP picture.');
  if (bytes.length > PICTURE_BYTES) {
    throw new Problem(
      'photo',
      `The photo is larger than ${PICTURE_BYTES / 1000} kB; choose a smaller picture.`,
    );
  }
  return { id: createHash('sha256').update(bytes).digest('hex').slice(0, ID_DIGITS), type, bytes };
}

/** Stores a picture; one that is already stored counts as new. */
export async function savePicture(
  { id, type, bytes }: Picture,
  now: Date,
  database?: Database,
): Promise<void> {
  const db = database ?? (await openDatabase());
  const addedAt = now.toISOString();
  await db
    .insert(pictures)
    .values({ id, type, bytes: Buffer.from(bytes), addedAt })
    .onConflictDoUpdate({ target: pictures.id, set: { addedAt } });
}

export async function findPicture(id: string, database?: Database): Promise<Picture | undefined> {
  const db = database ?? (await openDatabase());
  const [row] = await db.select().from(pictures).where(eq(pictures.id, id)).limit(1);
  return row && asPicture(row.bytes);
}

/** A field of JSON in a column; null where that is no JSON: such a row must not stop the others from being read. */
const inside = (column: SQL, field: string): SQL =>
  sql`case when json_valid(${column}) then json_extract(${column}, ${`$.${field}`}) end`;

/** The same of the column that holds a row's data. */
export const insideData = (field: string): SQL => inside(sql`data`, field);

/** Deletes pictures, or one picture, older than a time that nothing refers to. */
export async function dropUnusedPictures(before: Date, only?: string): Promise<void> {
  const db = await openDatabase();
  // A staged backup row holds the thing as JSON within JSON.
  type Table = typeof items | typeof records | typeof stagedItems | typeof stagedRows;
  const shownBy = (table: Table, photo: SQL) =>
    sql`${pictures.id} not in (select ${photo} from ${table} where ${photo} is not null)`;
  const photo = insideData('photo');
  const staged = inside(sql`data`, 'data');
  await db
    .delete(pictures)
    .where(
      and(
        only === undefined ? lt(pictures.addedAt, before.toISOString()) : eq(pictures.id, only),
        shownBy(items, photo),
        shownBy(stagedItems, photo),
        shownBy(records, insideData('picture')),
        shownBy(stagedRows, inside(staged, 'photo')),
        shownBy(stagedRows, inside(staged, 'picture')),
      ),
    );
}
