import { z } from 'zod';
import { answer, parse, RECIPE_BODY, readJson, reply } from '@/app/_lib/http';
import { ownLettersFor } from '@/app/_lib/ownLettersFor';
import { courseIn } from '@/app/_lib/today';
import { withSteps } from '@/app/_lib/todaysPage';
import type { Sent } from '@/core/desk/routes';
import { handIdSchema } from '@/core/hands/handId';
import { stepSchema } from '@/core/log/session';
import { findItem } from '@/store/items';

export const dynamic = 'force-dynamic';

const bodySchema = z.strictObject({
  hand: handIdSchema,
  tool: z.string().max(60).optional(),
  steps: z.array(stepSchema).min(1).max(80),
}) satisfies z.ZodType<Sent['POST /api/today/page']>;

/** The page of a session, as a recipe: `POST /api/today/page`, body `{hand, tool?, steps: [{unit, minutes, reason, text}]}`. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const { hand, tool, steps } = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const item = tool === undefined ? undefined : await findItem(tool);
    const [{ recipe, curriculum }, own] = await Promise.all([courseIn(hand, item), ownLettersFor(hand)]);
    return reply('POST /api/today/page', withSteps(recipe, steps, curriculum, own));
  });
