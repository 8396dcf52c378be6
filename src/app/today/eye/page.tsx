import type { Metadata } from 'next';
import { freshRecipe } from '@/core/document/defaults';
import { entriesOf } from '@/core/log/entriesOf';
import { listRecords } from '@/store/records';
import { EyeStation } from '@/ui/eye/EyeStation';
import { WithLetters } from '@/ui/frame/WithLetters';
import { Written } from '@/ui/frame/Written';

export const metadata: Metadata = { title: 'Train the eye' };
export const dynamic = 'force-dynamic';

/** The hand rows are shown in: even, upright enough to lean, and not joined. */
const HAND = 'italic';
const REMEMBERED = 60;

export default async function EyePage() {
  const records = await listRecords({ kinds: ['eye'], limit: REMEMBERED });
  return (
    <WithLetters hands={[HAND]}>
      <EyeStation
        title={<Written text="Train the eye" height={56} />}
        setting={freshRecipe(HAND)}
        before={entriesOf('eye', records)}
      />
    </WithLetters>
  );
}
