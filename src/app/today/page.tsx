import type { Metadata } from 'next';
import { entriesOf } from '@/core/log/entriesOf';
import { selectedPrinter } from '@/store/printers';
import { listRecords } from '@/store/records';
import { StationTitle } from '@/ui/stations/StationTitle';
import { STATIONS } from '@/ui/stations/stations';
import { TodayStation } from '@/ui/today/TodayStation';
import { type Search, textIn } from '../_lib/openSheet';
import { todayOf } from '../_lib/today';

export const metadata: Metadata = { title: STATIONS.today.name };
export const dynamic = 'force-dynamic';

export default async function TodayPage({ searchParams }: { searchParams: Search }) {
  const search = await searchParams;
  const text = (name: string) => textIn(search, name);
  const [today, open, printer] = await Promise.all([
    todayOf({ hand: text('hand'), minutes: text('minutes') }, new Date()),
    listRecords({ kinds: ['sitting'], limit: 10 }),
    selectedPrinter(),
  ]);
  return (
    <TodayStation
      title={<StationTitle of={STATIONS.today} />}
      today={today}
      open={entriesOf('sitting', open).reverse()}
      printer={printer?.name ?? null}
    />
  );
}
