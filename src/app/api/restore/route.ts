import { answer, BACKUP_BODY, readJson } from '@/app/_lib/http';
import { restoreJson } from '@/store/backup';

/** Replaces everything by a backup of version 1, one JSON file; a zip comes by its rows (`restore/rows`). */
export const POST = (request: Request) =>
  answer(request, async () =>
    Response.json({ restored: await restoreJson(await readJson(request, BACKUP_BODY), new Date()) }),
  );
