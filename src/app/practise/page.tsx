import type { Metadata } from 'next';
import { listNibs } from '@/store/nibs';
import { selectedPrinter } from '@/store/printers';
import { listRecords } from '@/store/records';
import { lettersLearned } from '@/store/study';
import { WithLetters } from '@/ui/frame/WithLetters';
import { PractiseStation } from '@/ui/practise/PractiseStation';
import { openSheet, type Search } from '../_lib/openSheet';

export const metadata: Metadata = { title: 'Practise' };
export const dynamic = 'force-dynamic';

export default async function PractisePage({ searchParams }: { searchParams: Search }) {
  const [opened, drawer, printer, records, learned] = await Promise.all([
    openSheet(searchParams),
    listNibs(),
    selectedPrinter(),
    listRecords({ kinds: ['known', 'printed', 'class'] }),
    lettersLearned(),
  ]);
  return (
    <WithLetters hands={[opened.recipe.hand]}>
      <PractiseStation
        key={opened.id}
        opened={opened}
        drawer={drawer}
        printer={printer?.name ?? null}
        records={records}
        learned={learned}
      />
    </WithLetters>
  );
}
