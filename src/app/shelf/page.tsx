import type { Metadata } from 'next';
import { parseRecipe } from '@/core/document/recipe';
import { listSheets } from '@/store/sheets';
import { WithLetters } from '@/ui/frame/WithLetters';
import { Written } from '@/ui/frame/Written';
import { SheetShelf, type ShelfSheet } from '@/ui/shelf/SheetShelf';

export const metadata: Metadata = { title: 'Shelf' };
export const dynamic = 'force-dynamic';

export default async function ShelfPage() {
  const sheets = (await listSheets()).flatMap(({ id, name, recipe, revision, updatedAt }): ShelfSheet[] => {
    try {
      return [{ id, name, recipe: parseRecipe(JSON.parse(recipe)), revision, updatedAt }];
    } catch {
      return [];
    }
  });
  const hands = [...new Set(sheets.map(({ recipe }) => recipe.hand))];
  return (
    <WithLetters hands={hands}>
      <SheetShelf initial={sheets} title={<Written text="Shelf" height={56} />} />
    </WithLetters>
  );
}
