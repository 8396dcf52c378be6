import 'server-only';
import { parseDocument } from '@/core/document/document';
import { lru } from '@/core/memo/memo';
import { listSheets, type StoredSheet } from '@/store/sheets';
import type { ShelfSheet } from '@/ui/shelf/SheetShelf';
import { standing } from '@/ui/shelf/standing';

/** What a sheet is, is worked out once and kept until it is changed, for as many as a shelf shows. */
const MOST_KEPT = 500;
const kept = lru<ReturnType<typeof standing> | undefined>(MOST_KEPT);

/** The sheets of the shelf that can be read, latest first. */
export async function shelfSheets(): Promise<ShelfSheet[]> {
  return (await listSheets()).flatMap((sheet) => {
    const { id, name, revision, updatedAt } = sheet;
    const stands = kept(`${id} ${revision} ${updatedAt}`, () => standingOf(sheet));
    return stands ? [{ id, name, ...stands, revision, updatedAt }] : [];
  });
}

function standingOf({ recipe }: StoredSheet) {
  try {
    return standing(parseDocument(JSON.parse(recipe)));
  } catch {
    return undefined;
  }
}
