import type { Metadata } from 'next';
import { Written } from '@/ui/frame/Written';
import { SheetShelf } from '@/ui/shelf/SheetShelf';
import { shelfSheets } from '../_lib/shelf';

export const metadata: Metadata = { title: 'Shelf' };
export const dynamic = 'force-dynamic';

export default async function ShelfPage() {
  return <SheetShelf initial={await shelfSheets()} title={<Written text="Shelf" height={56} />} />;
}
