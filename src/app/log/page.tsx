import type { Metadata } from 'next';
import { HANDS, isHand, OPENING_HAND } from '@/core/hands/registry';
import { entriesOf } from '@/core/log/entriesOf';
import { LOG_KINDS } from '@/core/log/logKinds';
import { listLog } from '@/store/logbook';
import { LogStation } from '@/ui/log/LogStation';
import { StationTitle } from '@/ui/stations/StationTitle';
import { STATIONS } from '@/ui/stations/stations';
import type { Search } from '../_lib/openSheet';

export const metadata: Metadata = { title: STATIONS.log.name };
export const dynamic = 'force-dynamic';

export default async function LogPage({ searchParams }: { searchParams: Search }) {
  const { hand } = await searchParams;
  const entries = await listLog({ kinds: LOG_KINDS });
  const latest = entriesOf('session', entries)[0]?.hand ?? OPENING_HAND;
  return (
    <LogStation
      title={<StationTitle of={STATIONS.log} />}
      first={entries}
      hands={HANDS.map(({ id, name }) => ({ id, name }))}
      hand={typeof hand === 'string' && isHand(hand) ? hand : latest}
    />
  );
}
