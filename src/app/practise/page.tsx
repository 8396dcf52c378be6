import type { Metadata } from 'next';
import { listNibs } from '@/store/nibs';
import { selectedPrinter } from '@/store/printers';
import { listRecords } from '@/store/records';
import { lettersLearned } from '@/store/study';
import { WithLetters } from '@/ui/frame/WithLetters';
import { PractiseStation } from '@/ui/practise/PractiseStation';
import { STATIONS } from '@/ui/stations/stations';
import { openSheet, type Search } from '../_lib/openSheet';
import { withTodaysPage } from '../_lib/todaysPage';

export const metadata: Metadata = { title: STATIONS.practise.name };
export const dynamic = 'force-dynamic';

export default async function PractisePage({ searchParams }: { searchParams: Search }) {
  const [found, drawer, printer, records, learned] = await Promise.all([
    openSheet(searchParams),
    listNibs(),
    selectedPrinter(),
    listRecords({ kinds: ['known', 'printed', 'class'] }),
    lettersLearned(),
  ]);
  // An empty page asks a beginner what to do with it: today's page lies there instead, unsaved until it is changed.
  const isEmpty = found.recipe.practice.bands.length === 0 && !found.inAddress;
  const { recipe, why } = isEmpty ? await withTodaysPage(found.recipe) : { recipe: found.recipe };
  const opened = { ...found, recipe };
  return (
    <WithLetters hands={[opened.recipe.hand]}>
      <PractiseStation
        key={opened.id}
        opened={opened}
        drawer={drawer}
        printer={printer?.name ?? null}
        records={records}
        learned={learned}
        todays={why}
      />
    </WithLetters>
  );
}
