import type { Metadata } from 'next';
import { listNibs } from '@/store/nibs';
import { listRecords } from '@/store/records';
import { KitStation } from '@/ui/kit/KitStation';
import { STATIONS } from '@/ui/stations/stations';
import { openSheet, type Search } from '../_lib/openSheet';

export const metadata: Metadata = { title: STATIONS.kit.name };
export const dynamic = 'force-dynamic';

export default async function KitPage({ searchParams }: { searchParams: Search }) {
  const [opened, drawer, records] = await Promise.all([
    openSheet(searchParams),
    listNibs(),
    listRecords({ kinds: ['mix', 'remedy', 'cure', 'prepared', 'seat', 'drop', 'kit'] }),
  ]);
  return <KitStation key={opened.id} opened={opened} drawer={drawer} records={records} />;
}
