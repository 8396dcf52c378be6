import { asc, eq, sql } from 'drizzle-orm';
import { openDatabase } from './client';
import { printers } from './schema';

export type Printer = typeof printers.$inferSelect;

export async function listPrinters(): Promise<Printer[]> {
  const db = await openDatabase();
  return db.select().from(printers).orderBy(asc(printers.name));
}

/** The printer that PDFs are corrected for, if one is selected. */
export async function selectedPrinter(): Promise<Printer | undefined> {
  const db = await openDatabase();
  const [printer] = await db.select().from(printers).where(eq(printers.selected, true)).limit(1);
  return printer;
}

/** Inserts the printer or overwrites the one with its id. */
export async function savePrinter(printer: Omit<Printer, 'selected'>): Promise<void> {
  const db = await openDatabase();
  const { id: _, ...values } = printer;
  await db
    .insert(printers)
    .values({ ...printer, selected: false })
    .onConflictDoUpdate({ target: printers.id, set: values });
}

/**
 * Selects the printer that PDFs are corrected for; null for none. A single statement, so that two are never selected. Returns false,
 * without a change, where there is no such printer.
 */
export async function selectPrinter(id: string | null): Promise<boolean> {
  const db = await openDatabase();
  if (id === null) {
    await db.update(printers).set({ selected: false });
    return true;
  }
  const changed = await db
    .update(printers)
    .set({ selected: sql`(${printers.id} = ${id})` })
    .where(sql`exists (select 1 from printers as one where one.id = ${id})`)
    .returning({ id: printers.id });
  return changed.length > 0;
}

export async function deletePrinter(id: string): Promise<void> {
  const db = await openDatabase();
  await db.delete(printers).where(eq(printers.id, id));
}
