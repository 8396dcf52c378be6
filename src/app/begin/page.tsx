import type { Metadata } from 'next';
import { BeginStation } from '@/ui/begin/BeginStation';
import { StationTitle } from '@/ui/stations/StationTitle';
import { OTHER_PAGES } from '@/ui/stations/stations';

export const metadata: Metadata = { title: OTHER_PAGES.begin.name };
export const dynamic = 'force-dynamic';

export default function BeginPage() {
  return <BeginStation title={<StationTitle of={OTHER_PAGES.begin} />} />;
}
