import type { Metadata } from 'next';
import { Written } from '@/ui/frame/Written';
import { HandGallery } from '@/ui/hand/HandGallery';

export const metadata: Metadata = { title: 'Hand' };

export default function HandPage() {
  return <HandGallery title={<Written text="Hand" height={56} />} />;
}
