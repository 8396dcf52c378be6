import { listCopies } from '@/app/_lib/copies';
import { answer, reply } from '@/app/_lib/http';

export const dynamic = 'force-dynamic';

/** The backups the server made by itself, the latest first; none where no folder is named for them. */
export const GET = (request: Request) =>
  answer(request, async () => reply('GET /api/copies', await listCopies()));
