import type { Metadata } from 'next';
import { SheetShelf } from '@/ui/shelf/SheetShelf';
import { StationTitle } from '@/ui/stations/StationTitle';
import { STATIONS } from '@/ui/stations/stations';
import { shelfSheets } from '../_lib/shelf';

export const metadata: Metadata = { title: STATIONS.shelf.name };
export const dynamic = 'force-dynamic';

export default async function ShelfPage() {
  return <SheetShelf initial={await shelfSheets()} title={<StationTitle of={STATIONS.shelf} />} />;
}
