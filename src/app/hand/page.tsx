import type { Metadata } from 'next';
import { HANDS } from '@/core/hands/registry';
import { bestNibFor } from '@/core/kit/match';
import { entriesOf } from '@/core/log/entriesOf';
import { listItems } from '@/store/items';
import { listNibs } from '@/store/nibs';
import { listRecords } from '@/store/records';
import { HandGallery } from '@/ui/hand/HandGallery';
import { StationTitle } from '@/ui/stations/StationTitle';
import { STATIONS } from '@/ui/stations/stations';
import { findDesk, whoWrites } from '../_lib/desk';

export const metadata: Metadata = { title: STATIONS.hand.name };
export const dynamic = 'force-dynamic';

export default async function HandPage() {
  const [drawer, bench, about, desk, seats] = await Promise.all([
    listNibs(),
    listItems(),
    whoWrites(),
    findDesk(),
    listRecords({ kinds: ['seat'] }),
  ]);
  const scribe = { ...about, tried: entriesOf('seat', seats) };
  const best = Object.fromEntries(
    HANDS.flatMap(({ id }) => {
      const chosen = drawer.find((nib) => nib.id === desk.toolFor(id));
      const nib = chosen ?? bestNibFor(id, bench, scribe);
      return nib ? [[id, nib] as const] : [];
    }),
  );
  return <HandGallery title={<StationTitle of={STATIONS.hand} />} drawer={drawer} best={best} />;
}
