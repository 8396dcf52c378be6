import type { Metadata } from 'next';
import { parseDocument } from '@/core/document/document';
import { listSheets } from '@/store/sheets';
import { Written } from '@/ui/frame/Written';
import { SheetShelf, type ShelfSheet } from '@/ui/shelf/SheetShelf';
import { standing } from '@/ui/shelf/standing';

export const metadata: Metadata = { title: 'Shelf' };
export const dynamic = 'force-dynamic';

export default async function ShelfPage() {
  const sheets = (await listSheets()).flatMap(
    ({ id, name, recipe: text, revision, updatedAt }): ShelfSheet[] => {
      try {
        const recipe = parseDocument(JSON.parse(text));
        return [{ id, name, recipe, ...standing(recipe), revision, updatedAt }];
      } catch {
        return [];
      }
    },
  );
  return <SheetShelf initial={sheets} title={<Written text="Shelf" height={56} />} />;
}
