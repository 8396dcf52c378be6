import type { Metadata } from 'next';
import { isShared } from '@/guard/session';
import { fileOf } from '@/store/client';
import { damagesOf } from '@/store/damage';
import { listPrinters } from '@/store/printers';
import { STATIONS } from '@/ui/stations/stations';
import { Workshop } from '@/ui/workshop/Workshop';

export const metadata: Metadata = { title: STATIONS.workshop.name };
export const dynamic = 'force-dynamic';

export default async function WorkshopPage() {
  return <Workshop printers={await listPrinters()} shared={isShared()} damages={await damagesOf(fileOf())} />;
}
