import { answer, BACKUP_BODY, readJson, reply } from '@/app/_lib/http';
import { restoreJson } from '@/store/backup';

/** Replaces everything by a backup of version 1, one JSON file; a zip comes by its rows (`restore/rows`). */
export const POST = (request: Request) =>
  answer(request, async () =>
    reply('POST /api/restore', {
      restored: await restoreJson(await readJson(request, BACKUP_BODY), new Date()),
    }),
  );
