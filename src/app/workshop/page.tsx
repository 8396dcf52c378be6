import type { Metadata } from 'next';
import { listPrinters } from '@/store/printers';
import { Workshop } from '@/ui/workshop/Workshop';

export const metadata: Metadata = { title: 'Workshop' };
export const dynamic = 'force-dynamic';

export default async function WorkshopPage() {
  return <Workshop printers={await listPrinters()} />;
}
