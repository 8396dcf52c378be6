import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { courseIn } from '@/app/_lib/today';
import { handById } from '@/core/hands/registry';
import { firstToolFor } from '@/core/kit/kinds/registry';
import { entriesOf } from '@/core/log/entriesOf';
import { findItem } from '@/store/items';
import { findRecord } from '@/store/records';
import { WithLetters } from '@/ui/frame/WithLetters';
import { OTHER_PAGES } from '@/ui/stations/stations';
import { SessionRunner } from '@/ui/today/SessionRunner';
import type { Search } from '../../_lib/openSheet';

export const metadata: Metadata = { title: OTHER_PAGES.session.name };
export const dynamic = 'force-dynamic';

/** A session under way, from wherever it was. */
export default async function SessionPage({ searchParams }: { searchParams: Search }) {
  const { id } = await searchParams;
  const found = typeof id === 'string' ? await findRecord(id) : undefined;
  const [sitting] = entriesOf('sitting', found ? [found] : []);
  if (!sitting) redirect('/today');
  const tool = sitting.kit.tool && (await findItem(sitting.kit.tool.id));
  const { recipe } = await courseIn(sitting.hand, tool);
  return (
    <WithLetters hands={[sitting.hand]}>
      <SessionRunner
        sitting={sitting}
        recipe={recipe}
        tool={tool ? tool.kind : firstToolFor(handById(sitting.hand).tool).id}
      />
    </WithLetters>
  );
}
