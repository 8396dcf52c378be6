'use client';

import { Unreachable } from '@/ui/frame/Unreachable';

/** A station that could not be shown. */
export default function StationError({ reset }: { reset: () => void }) {
  return <Unreachable again={reset} />;
}
