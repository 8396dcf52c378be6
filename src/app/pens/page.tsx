import type { Metadata } from 'next';
import { asNib } from '@/core/kit/item';
import { listItems } from '@/store/items';
import { PensStation } from '@/ui/pens/PensStation';
import { StationTitle } from '@/ui/stations/StationTitle';
import { OTHER_PAGES } from '@/ui/stations/stations';

export const metadata: Metadata = { title: OTHER_PAGES.pens.name };
export const dynamic = 'force-dynamic';

export default async function PensPage() {
  const pens = (await listItems()).flatMap((item) => {
    const nib = asNib(item);
    return nib && !item.archived
      ? [{ id: item.id, label: item.label, kind: nib.kind, width: nib.width }]
      : [];
  });
  return <PensStation title={<StationTitle of={OTHER_PAGES.pens} />} pens={pens} />;
}
