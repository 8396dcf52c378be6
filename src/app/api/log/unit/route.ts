import { z } from 'zod';
import { answer, parse, reply } from '@/app/_lib/http';
import { handIdSchema } from '@/core/hands/handId';
import { entriesOf } from '@/core/log/entriesOf';
import { unitKey } from '@/core/log/session';
import { findRecords } from '@/store/records';
import { memoriesOf, ratingsOfUnit } from '@/store/study';

export const dynamic = 'force-dynamic';

const querySchema = z.object({ hand: handIdSchema, unit: unitKey });
/** Number of latest sessions whose notes and pictures are looked up. */
const LATEST = 60;

/** All there is about one letter, stroke or join: `GET /api/log/unit?hand=&unit=`: its memory, its ratings, notes and pictures of its sessions. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const { hand, unit } = parse(querySchema, Object.fromEntries(new URL(request.url).searchParams));
    const [memories, ratings] = await Promise.all([memoriesOf(hand), ratingsOfUnit(hand, unit)]);
    const latest = ratings.slice(-LATEST);
    const found = entriesOf('session', await findRecords(latest.map(({ session }) => session)));
    const said = new Map(found.map(({ entryId, note, picture }) => [entryId, { note, picture }]));
    return reply('GET /api/log/unit', {
      memory: memories.get(unit) ?? null,
      ratings: ratings.map((rating) => ({ ...rating, ...said.get(rating.session) })),
    });
  });
