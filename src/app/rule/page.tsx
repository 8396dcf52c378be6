import type { Metadata } from 'next';
import { listNibs } from '@/store/nibs';
import { selectedPrinter } from '@/store/printers';
import { RuleStation } from '@/ui/rule/RuleStation';
import { WithExemplar } from '@/ui/rule/WithExemplar';
import { STATIONS } from '@/ui/stations/stations';
import { openSheet, type Search } from '../_lib/openSheet';

export const metadata: Metadata = { title: STATIONS.rule.name };
export const dynamic = 'force-dynamic';

export default async function RulePage({ searchParams }: { searchParams: Search }) {
  const [opened, drawer, printer] = await Promise.all([
    openSheet(searchParams),
    listNibs(),
    selectedPrinter(),
  ]);
  return (
    <WithExemplar recipe={opened.recipe}>
      <RuleStation key={opened.id} opened={opened} drawer={drawer} printer={printer?.name ?? null} />
    </WithExemplar>
  );
}
