import type { Metadata } from 'next';
import { freshRecipe } from '@/core/document/defaults';
import { entriesOf } from '@/core/log/entriesOf';
import { listRecords } from '@/store/records';
import { EyeStation } from '@/ui/eye/EyeStation';
import { WithLetters } from '@/ui/frame/WithLetters';
import { StationTitle } from '@/ui/stations/StationTitle';
import { OTHER_PAGES } from '@/ui/stations/stations';

export const metadata: Metadata = { title: OTHER_PAGES.eye.name };
export const dynamic = 'force-dynamic';

/** The hand rows are shown in: even, upright enough to lean, and not joined. */
const HAND = 'italic';
const REMEMBERED = 60;

export default async function EyePage() {
  const records = await listRecords({ kinds: ['eye'], limit: REMEMBERED });
  return (
    <WithLetters hands={[HAND]}>
      <EyeStation
        title={<StationTitle of={OTHER_PAGES.eye} />}
        setting={freshRecipe(HAND)}
        before={entriesOf('eye', records)}
      />
    </WithLetters>
  );
}
