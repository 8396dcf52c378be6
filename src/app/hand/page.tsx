import type { Metadata } from 'next';
import { listNibs } from '@/store/nibs';
import { Written } from '@/ui/frame/Written';
import { HandGallery } from '@/ui/hand/HandGallery';

export const metadata: Metadata = { title: 'Hand' };
export const dynamic = 'force-dynamic';

export default async function HandPage() {
  return <HandGallery title={<Written text="Hand" height={56} />} drawer={await listNibs()} />;
}
