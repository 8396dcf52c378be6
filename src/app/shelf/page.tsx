import type { Metadata } from 'next';
import { parseRecipe } from '@/core/sheet/recipe';
import { listSheets } from '@/store/sheets';
import { SheetShelf, type ShelfSheet } from '@/ui/shelf/SheetShelf';

export const metadata: Metadata = { title: 'Shelf' };
export const dynamic = 'force-dynamic';

export default async function ShelfPage() {
  const sheets = (await listSheets()).flatMap(({ id, name, recipe, updatedAt }): ShelfSheet[] => {
    try {
      return [{ id, name, recipe: parseRecipe(JSON.parse(recipe)), updatedAt }];
    } catch {
      return [];
    }
  });
  return <SheetShelf initial={sheets} />;
}
