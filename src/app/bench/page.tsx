import type { Metadata } from 'next';
import { BenchStation } from '@/ui/bench/BenchStation';
import { StationTitle } from '@/ui/stations/StationTitle';
import { STATIONS } from '@/ui/stations/stations';
import type { Search } from '../_lib/openSheet';

export const metadata: Metadata = { title: STATIONS.bench.name };

/** `?item=` opens one thing: where Kit says what should be looked up about it. */
export default async function BenchPage({ searchParams }: { searchParams: Search }) {
  const { item } = await searchParams;
  return (
    <BenchStation
      title={<StationTitle of={STATIONS.bench} />}
      first={typeof item === 'string' ? item : null}
    />
  );
}
