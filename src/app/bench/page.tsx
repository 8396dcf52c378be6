import type { Metadata } from 'next';
import { listNibs } from '@/store/nibs';
import { NibDrawer } from '@/ui/bench/NibDrawer';

export const metadata: Metadata = { title: 'Bench' };
export const dynamic = 'force-dynamic';

export default async function BenchPage() {
  return <NibDrawer initial={await listNibs()} />;
}
