import type { Metadata } from 'next';
import { BenchStation } from '@/ui/bench/BenchStation';
import { Written } from '@/ui/frame/Written';

export const metadata: Metadata = { title: 'Bench' };

export default function BenchPage() {
  return <BenchStation title={<Written text="Bench" height={56} />} />;
}
