import { and, asc, eq, inArray } from 'drizzle-orm';
import { asNib } from '@/core/kit/item';
import { TOOLS } from '@/core/kit/kinds/registry';
import { NIB_KINDS, type Nib } from '@/core/kit/nib';
import { openDatabase } from './client';
import { readItem } from './readItem';
import { items } from './schema';

/** Maximum number of nibs offered for a sheet, however full the bench is. */
const MOST_NIBS = 300;

/** The tools of the bench that can be ruled for, by kind and width. */
export async function listNibs(): Promise<Nib[]> {
  const db = await openDatabase();
  const rows = await db
    .select({ data: items.data })
    .from(items)
    .where(
      and(
        inArray(
          items.kind,
          TOOLS.map(({ id }) => id),
        ),
        eq(items.archived, false),
      ),
    )
    .orderBy(asc(items.kind), asc(items.label))
    .limit(MOST_NIBS);
  return rows
    .flatMap(({ data }) => {
      const item = readItem(data);
      return (item && asNib(item)) ?? [];
    })
    .sort((a, b) => NIB_KINDS.indexOf(a.kind) - NIB_KINDS.indexOf(b.kind) || a.width - b.width);
}
