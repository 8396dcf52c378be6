import type { Metadata } from 'next';
import { BenchStation } from '@/ui/bench/BenchStation';
import { Written } from '@/ui/frame/Written';
import type { Search } from '../_lib/openSheet';

export const metadata: Metadata = { title: 'Bench' };

/** `?item=` opens one thing: where Kit says what should be looked up about it. */
export default async function BenchPage({ searchParams }: { searchParams: Search }) {
  const { item } = await searchParams;
  return (
    <BenchStation
      title={<Written text="Bench" height={56} />}
      first={typeof item === 'string' ? item : null}
    />
  );
}
