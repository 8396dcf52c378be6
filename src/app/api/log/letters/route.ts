import { answer, parse, reply } from '@/app/_lib/http';
import { allMemoriesOf, courseIn } from '@/app/_lib/today';
import { handIdSchema } from '@/core/hands/handId';
import { unitTitle } from '@/core/study/explain';
import { standOf } from '@/core/study/memory';
import type { UnitKind } from '@/core/study/unit';
import { findLetterSet } from '@/store/letterSets';
import { markOf } from '@/ui/lib/mark';

export const dynamic = 'force-dynamic';

/** Units that are letters or made of them, and are shown as they are written. */
const WRITTEN: ReadonlySet<UnitKind> = new Set(['letter', 'join', 'rhythm']);

/** Where everything that is practised in a hand stands, in the order it is taught: `GET /api/log/letters?hand=`. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const hand = parse(handIdSchema, new URL(request.url).searchParams.get('hand'));
    const { recipe, lessons, curriculum } = await courseIn(hand);
    const memories = await allMemoriesOf(hand, lessons);
    const now = new Date();
    const own = (await findLetterSet(hand))?.letters;
    const units = curriculum.map(({ key, kind, of, family }) => {
      const memory = memories.get(key);
      return {
        key,
        kind,
        name: unitTitle({ kind, of }),
        family,
        mark: WRITTEN.has(kind) ? markOf(recipe, of, own) : undefined,
        stand: standOf(memory, now),
        ...(memory && { due: memory.due, last: memory.last, times: memory.times }),
      };
    });
    return reply('GET /api/log/letters', { hand, units });
  });
