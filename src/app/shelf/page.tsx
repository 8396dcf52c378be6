import type { Metadata } from 'next';
import { parseRecipe } from '@/core/document/recipe';
import { listSheets } from '@/store/sheets';
import { Written } from '@/ui/frame/Written';
import { usualName } from '@/ui/lib/usualName';
import { SheetShelf, type ShelfSheet } from '@/ui/shelf/SheetShelf';

export const metadata: Metadata = { title: 'Shelf' };
export const dynamic = 'force-dynamic';

export default async function ShelfPage() {
  const sheets = (await listSheets()).flatMap(
    ({ id, name, recipe: text, revision, updatedAt }): ShelfSheet[] => {
      try {
        const recipe = parseRecipe(JSON.parse(text));
        return [{ id, name, recipe, says: usualName(recipe), revision, updatedAt }];
      } catch {
        return [];
      }
    },
  );
  return <SheetShelf initial={sheets} title={<Written text="Shelf" height={56} />} />;
}
