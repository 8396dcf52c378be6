'use client';

import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { newId } from '../lib/api';

/** Begins a new piece; the one that is open stays on the shelf as it is. */
export function BeginPiece({ className, children }: { className: string; children: ReactNode }) {
  const router = useRouter();
  return (
    <button type="button" className={className} onClick={() => router.push(`/piece?fresh=${newId()}`)}>
      {children}
    </button>
  );
}
