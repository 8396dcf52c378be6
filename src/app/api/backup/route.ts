import { answer } from '@/app/_lib/http';
import { makeBackup } from '@/store/backup';

export const dynamic = 'force-dynamic';

/** Everything in one JSON file. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const now = new Date();
    const backup = await makeBackup(now);
    return new Response(JSON.stringify(backup, null, 2), {
      headers: {
        'Content-Type': 'application/json',
        'Content-Disposition': `attachment; filename="elvane-backup-${now.toISOString().slice(0, 10)}.json"`,
        'Cache-Control': 'no-store',
      },
    });
  });
