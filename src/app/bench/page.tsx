import type { Metadata } from 'next';
import { BenchStation } from '@/ui/bench/BenchStation';

export const metadata: Metadata = { title: 'Bench' };

export default function BenchPage() {
  return <BenchStation />;
}
