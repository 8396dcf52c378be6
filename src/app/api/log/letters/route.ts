import { answer, parse } from '@/app/_lib/http';
import { allMemoriesOf, courseIn } from '@/app/_lib/today';
import { handIdSchema } from '@/core/hands/handId';
import { unitTitle } from '@/core/study/explain';
import { standOf } from '@/core/study/memory';

export const dynamic = 'force-dynamic';

/** Where everything that is practised in a hand stands, in the order it is taught: `GET /api/log/letters?hand=`. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const hand = parse(handIdSchema, new URL(request.url).searchParams.get('hand'));
    const { lessons, curriculum } = await courseIn(hand);
    const memories = await allMemoriesOf(hand, lessons);
    const now = new Date();
    const units = curriculum.map(({ key, kind, of, family }) => {
      const memory = memories.get(key);
      return {
        key,
        kind,
        name: unitTitle({ kind, of }),
        family,
        stand: standOf(memory, now),
        ...(memory && { due: memory.due, last: memory.last, times: memory.times }),
      };
    });
    return Response.json({ hand, units }, { headers: { 'Cache-Control': 'no-store' } });
  });
