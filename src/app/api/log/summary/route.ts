import { z } from 'zod';
import { answer, parse, reply } from '@/app/_lib/http';
import { summaryOf } from '@/core/log/summary';
import { countedSince } from '@/store/logbook';

export const dynamic = 'force-dynamic';

const WEEKS = z.coerce
  .number({ error: () => 'must be a number of weeks' })
  .int()
  .min(1, 'is at least 1')
  .max(520, 'is at most 520: ten years');
const WEEK = 7 * 24 * 60 * 60 * 1000;
/** Ten years of two sessions a day. */
const MOST_SESSIONS = 7300;

/** Minutes by week and hand, ratings by criterion: `GET /api/log/summary?weeks=`. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const weeks = parse(WEEKS, new URL(request.url).searchParams.get('weeks') ?? '12');
    const sessions = await countedSince(new Date(Date.now() - weeks * WEEK), MOST_SESSIONS);
    return reply('GET /api/log/summary', summaryOf(sessions));
  });
