import type { Metadata } from 'next';
import { entriesOf } from '@/core/log/entriesOf';
import { listRecords } from '@/store/records';
import { BenchStation } from '@/ui/bench/BenchStation';
import { StationTitle } from '@/ui/stations/StationTitle';
import { STATIONS } from '@/ui/stations/stations';
import type { Search } from '../_lib/openSheet';

export const metadata: Metadata = { title: STATIONS.bench.name };
export const dynamic = 'force-dynamic';

/** `?item=` opens one thing: where Kit says what should be looked up about it. */
export default async function BenchPage({ searchParams }: { searchParams: Search }) {
  const [{ item }, seats] = await Promise.all([searchParams, listRecords({ kinds: ['seat'] })]);
  return (
    <BenchStation
      title={<StationTitle of={STATIONS.bench} />}
      tried={entriesOf('seat', seats)}
      first={typeof item === 'string' ? item : null}
    />
  );
}
