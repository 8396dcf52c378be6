import type { Metadata } from 'next';
import { HandGallery } from '@/ui/hand/HandGallery';

export const metadata: Metadata = { title: 'Hand' };

export default function HandPage() {
  return <HandGallery />;
}
