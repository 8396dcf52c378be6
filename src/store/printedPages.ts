import { desc, eq } from 'drizzle-orm';
import { type KeptPage, parseKeptPage } from '@/core/document/keptPage';
import type { KeptPrint } from '@/core/document/prints';
import { openDatabase } from './client';
import { printedPages } from './schema';

/** A printed page and what is known of its print. */
export interface PrintedPage {
  readonly print: string;
  readonly page: number;
  readonly of: number;
  readonly hash: string;
  readonly title: string;
  readonly engine: string;
  readonly at: string;
  readonly kept: KeptPage;
}

const rowId = (print: string, page: number) => `${print}-${page}`;

/** Stores printed pages; one that is already stored is unchanged. */
export async function keepPrints(prints: readonly KeptPrint[], engine: string, now: Date): Promise<void> {
  if (prints.length === 0) return;
  const db = await openDatabase();
  await db
    .insert(printedPages)
    .values(
      prints.map(({ code, page, letters, title }) => ({
        id: rowId(code.id, code.page),
        print: code.id,
        page: code.page,
        of: code.of,
        hash: code.hash,
        title,
        engine: `${engine} ${letters}`,
        at: now.toISOString(),
        data: JSON.stringify(page),
      })),
    )
    .onConflictDoNothing();
}

/** A printed page by the id of its print and its number; undefined where it was not printed here. */
export async function findPrinted(print: string, page: number): Promise<PrintedPage | undefined> {
  const db = await openDatabase();
  const [row] = await db
    .select()
    .from(printedPages)
    .where(eq(printedPages.id, rowId(print, page)))
    .limit(1);
  if (!row) return undefined;
  const { data, id: _, ...rest } = row;
  return { ...rest, kept: parseKeptPage(JSON.parse(data)) };
}

/** The latest prints, the last first. */
export async function latestPrinted(most: number): Promise<Omit<PrintedPage, 'kept'>[]> {
  const db = await openDatabase();
  const columns = {
    print: printedPages.print,
    page: printedPages.page,
    of: printedPages.of,
    hash: printedPages.hash,
    title: printedPages.title,
    engine: printedPages.engine,
    at: printedPages.at,
  };
  return db
    .select(columns)
    .from(printedPages)
    .orderBy(desc(printedPages.at), desc(printedPages.print), printedPages.page)
    .limit(most);
}
