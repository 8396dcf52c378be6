import type { Metadata } from 'next';
import { BeginStation } from '@/ui/begin/BeginStation';
import { Written } from '@/ui/frame/Written';

export const metadata: Metadata = { title: 'Begin' };
export const dynamic = 'force-dynamic';

export default function BeginPage() {
  return <BeginStation title={<Written text="Begin" height={56} />} />;
}
