import { answer } from '@/app/_lib/http';
import { queueNow } from '@/press/press';
import { countRows } from '@/store/counts';
import { whatIsWrong } from '@/store/ready';

export const dynamic = 'force-dynamic';

const UNAVAILABLE = 503;

/** Readiness: whether the database takes a write and returns it. Says what is wrong, and what is queued. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const wrong = await whatIsWrong(new Date());
    if (wrong) return Response.json({ status: 'not ready', wrong }, { status: UNAVAILABLE });
    return Response.json({ status: 'ok', rows: await countRows(), queue: queueNow() });
  });
