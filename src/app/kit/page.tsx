import type { Metadata } from 'next';
import { MIX_AMOUNTS } from '@/core/kit/mixAmounts';
import { listNibs } from '@/store/nibs';
import { listRecords } from '@/store/records';
import { KitStation } from '@/ui/kit/KitStation';
import { STATIONS } from '@/ui/stations/stations';
import { openSheet, type Search, textIn } from '../_lib/openSheet';

export const metadata: Metadata = { title: STATIONS.kit.name };
export const dynamic = 'force-dynamic';

export default async function KitPage({ searchParams }: { searchParams: Search }) {
  const [opened, drawer, records] = await Promise.all([
    openSheet(searchParams),
    listNibs(),
    listRecords({ kinds: ['mix', 'remedy', 'cure', 'prepared', 'seat', 'drop', 'kit'] }),
  ]);
  const ml = Number(textIn(await searchParams, 'ml'));
  return (
    <KitStation
      key={opened.id}
      opened={opened}
      drawer={drawer}
      records={records}
      wantedMl={ml > 0 && ml <= MIX_AMOUNTS.baseMl.high ? ml : null}
    />
  );
}
