import { answer } from '@/app/_lib/http';
import { openDatabase } from '@/store/client';
import { countRows } from '@/store/counts';

export const dynamic = 'force-dynamic';

/** Says whether the application and its database answer. */
export const GET = (request: Request) =>
  answer(request, async () => {
    await openDatabase();
    return Response.json({ status: 'ok', rows: await countRows() });
  });
