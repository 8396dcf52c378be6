import { answer } from '@/app/_lib/http';
import { zipStream } from '@/app/_lib/zipStream';
import { ENDINGS } from '@/core/picture/picture';
import { streamBackup } from '@/store/backupStream';

export const dynamic = 'force-dynamic';

/** Everything in one zip: a manifest, the pictures, and a file of JSON lines for each table. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const now = new Date();
    const zip = zipStream((add) =>
      streamBackup(now, {
        manifest: (manifest) => add('manifest.json', `${JSON.stringify(manifest, null, 2)}\n`),
        picture: ({ id, type, bytes }) => add(`pictures/${id}.${ENDINGS[type]}`, bytes),
        row: (table, row) => add(`${table}.jsonl`, `${JSON.stringify(row)}\n`),
        unreadable: (table, row) => add('unreadable.txt', `${table} ${JSON.stringify(row)}\n`),
      }),
    );
    return new Response(zip, {
      headers: {
        'Content-Type': 'application/zip',
        'Content-Disposition': `attachment; filename="elvane-backup-${now.toISOString().slice(0, 10)}.zip"`,
        'Cache-Control': 'no-store',
      },
    });
  });
