'use client';

import { useState } from 'react';
import type { ShippedNotice } from '@/core/desk/routes';
import { askServer } from '../lib/api';

/** Licences and notices of what ships with the application; read when they are wanted. */
export function NoticesPanel() {
  const [notices, setNotices] = useState<readonly ShippedNotice[] | null>(null);
  const read = () => {
    if (notices) return;
    askServer('GET /api/notices', {}).then(setNotices, () => setNotices([]));
  };
  return (
    <section aria-labelledby="notices" className="space-y-2">
      <h2 id="notices" className="margin-heading">
        Notices
      </h2>
      <details onToggle={read}>
        <summary className="cursor-pointer text-sm">Licences of Elvane and of what ships with it</summary>
        {notices?.map(({ what, text }) => (
          <details key={what} className="mt-2">
            <summary className="cursor-pointer text-sm">{what}</summary>
            <pre className="max-h-80 overflow-auto whitespace-pre-wrap bg-base-100 p-3 text-xs">{text}</pre>
          </details>
        ))}
      </details>
    </section>
  );
}
