import { z } from 'zod';
import { answer, IMPORT_BODY, parse, readJson, reply } from '@/app/_lib/http';
import { courseIn } from '@/app/_lib/today';
import { chosenWords } from '@/app/_lib/words';
import { sessionSchema } from '@/core/log/session';
import { BUNDLED } from '@/core/practice/words/wordList';
import { unitTitle, whyOf } from '@/core/study/explain';
import { type KeptRating, memoryOf, ratingsOf, withRating } from '@/core/study/history';
import { isKnown, type Memory } from '@/core/study/memory';
import { withTexts } from '@/core/study/page';
import { planSession } from '@/core/study/plan';

export const dynamic = 'force-dynamic';

const bodySchema = z.object({
  sessions: z
    .array(z.object({ id: z.string().max(60), session: sessionSchema }))
    .min(1, { error: () => 'There are no sessions in this file.' })
    .max(5000),
});
/** A page a student can be handed is for ten minutes. */
const MINUTES = 10;

/** How a student stands, from the sessions they exported: `POST /api/log/student`, body `{sessions}`. Nothing is kept. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const { sessions } = parse(bodySchema, await readJson(request, IMPORT_BODY));
    const latest = [...sessions].sort((a, b) => b.session.ended.localeCompare(a.session.ended))[0];
    const hand = latest?.session.hand ?? 'italic';
    const { recipe, lessons, curriculum } = await courseIn(hand);
    const ratings = new Map<string, readonly KeptRating[]>();
    for (const { id, session } of sessions.filter((one) => one.session.hand === hand)) {
      for (const [key, rating] of ratingsOf(id, session))
        ratings.set(key, withRating(ratings.get(key) ?? [], id, rating));
    }
    const memories = new Map<string, Memory>();
    for (const [key, mine] of ratings) {
      const memory = memoryOf(mine);
      if (memory) memories.set(key, memory);
    }
    const now = new Date();
    const plan = planSession(curriculum, memories, { minutes: MINUTES, now });
    const { words } = await chosenWords(BUNDLED);
    const steps = withTexts(recipe, plan.steps, memories, lessons, words);
    const letters = lessons.flatMap((lesson) => lesson.letters);
    return reply('POST /api/log/student', {
      hand,
      sessions: sessions.length,
      minutes: Math.round(sessions.reduce((sum, { session }) => sum + session.minutes, 0)),
      last: latest?.session.ended ?? '',
      known: letters.filter((letter) => isKnown(memories.get(`letter:${letter}`))),
      of: letters.length,
      next: steps.map(({ unit, text }) => (unit.kind === 'word' ? text : unitTitle(unit))),
      steps: steps.map(({ unit, text, minutes, reason }) => ({ unit: unit.key, text, minutes, reason })),
      why: whyOf({ ...plan, steps }, curriculum, memories, now),
    });
  });
