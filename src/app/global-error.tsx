'use client';

import './globals.css';
import { Unreachable } from '@/ui/frame/Unreachable';

/** Not even the frame could be shown: it reads the letters of one's own. */
export default function FrameError({ reset }: { reset: () => void }) {
  return (
    <html lang="en">
      <body className="bg-base-200 text-base-content">
        <Unreachable again={reset} />
      </body>
    </html>
  );
}
