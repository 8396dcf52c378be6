import { backupZip } from '@/app/_lib/backupZip';
import { answer } from '@/app/_lib/http';

export const dynamic = 'force-dynamic';

/** Everything in one zip: a manifest, the pictures, and a file of JSON lines for each table. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const now = new Date();
    return new Response(backupZip(now), {
      headers: {
        'Content-Type': 'application/zip',
        'Content-Disposition': `attachment; filename="elvane-backup-${now.toISOString().slice(0, 10)}.zip"`,
        'Cache-Control': 'no-store',
      },
    });
  });
