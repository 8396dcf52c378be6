import type { Metadata } from 'next';
import { PartsPage } from '@/ui/parts/PartsPage';
import { StationTitle } from '@/ui/stations/StationTitle';
import { OTHER_PAGES } from '@/ui/stations/stations';

export const metadata: Metadata = { title: OTHER_PAGES.parts.name };
export const dynamic = 'force-dynamic';

export default function Page() {
  return <PartsPage title={<StationTitle of={OTHER_PAGES.parts} />} />;
}
