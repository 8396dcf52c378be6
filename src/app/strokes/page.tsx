import type { Metadata } from 'next';
import { listNibs } from '@/store/nibs';
import { WithLetters } from '@/ui/frame/WithLetters';
import { STATIONS } from '@/ui/stations/stations';
import { StrokesStation } from '@/ui/strokes/StrokesStation';
import { openSheet, type Search } from '../_lib/openSheet';

export const metadata: Metadata = { title: STATIONS.strokes.name };
export const dynamic = 'force-dynamic';

export default async function StrokesPage({ searchParams }: { searchParams: Search }) {
  const [opened, drawer] = await Promise.all([openSheet(searchParams), listNibs()]);
  return (
    <WithLetters hands={[opened.recipe.hand]}>
      <StrokesStation key={opened.id} opened={opened} drawer={drawer} />
    </WithLetters>
  );
}
