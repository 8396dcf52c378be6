import { asc, eq } from 'drizzle-orm';
import { openDatabase } from './client';
import { records } from './schema';

/** What the desk remembers, by kind. The data of each kind is parsed by whoever reads it. */
export const RECORD_KINDS = ['mix', 'remedy', 'cure', 'prepared', 'drop', 'kit', 'known'] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];

export interface DeskRecord {
  readonly id: string;
  readonly kind: RecordKind;
  /** JSON. */
  readonly data: string;
  readonly at: string;
}

/** Everything remembered, oldest first. */
export async function listRecords(): Promise<DeskRecord[]> {
  const db = await openDatabase();
  return (await db.select().from(records).orderBy(asc(records.at))) as DeskRecord[];
}

/** Inserts the record or overwrites the one with its id. */
export async function saveRecord(record: DeskRecord): Promise<void> {
  const db = await openDatabase();
  const { id: _, ...values } = record;
  await db.insert(records).values(record).onConflictDoUpdate({ target: records.id, set: values });
}

export async function deleteRecord(id: string): Promise<void> {
  const db = await openDatabase();
  await db.delete(records).where(eq(records.id, id));
}
