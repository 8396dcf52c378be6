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

/** Makes this the printer that PDFs are corrected for; null for none. One statement, so never two selected. */
export async function selectPrinter(id: string | null): Promise<void> {
  const db = await openDatabase();
  await db.update(printers).set({ selected: id === null ? sql`0` : sql`(${printers.id} = ${id})` });
}

export async function deletePrinter(id: string): Promise<void> {
  const db = await openDatabase();
  await db.delete(printers).where(eq(printers.id, id));
}
