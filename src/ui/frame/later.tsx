'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';

/** A panel fetched when it is first opened; what it shows meanwhile keeps its place. */
export const later = <P extends object>(fetch: () => Promise<ComponentType<P>>): ComponentType<P> =>
  dynamic(fetch, {
    loading: () => (
      <p className="py-6 text-center">
        <span className="loading loading-spinner loading-sm">
          <span className="sr-only">Fetching</span>
        </span>
      </p>
    ),
  });
