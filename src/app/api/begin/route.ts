import { z } from 'zod';
import { answer, parse, RECIPE_BODY, readJson, reply } from '@/app/_lib/http';
import { chosenWords } from '@/app/_lib/words';
import { NOBODY } from '@/core/about/about';
import { aboutSchema } from '@/core/about/aboutFormat';
import { beginning } from '@/core/begin/firstPage';
import { FIRST_TOOL_IDS } from '@/core/begin/firstTools';
import type { Sent } from '@/core/desk/routes';
import { PURPOSES } from '@/core/hand/portrait';
import { handIdSchema } from '@/core/hands/handId';
import { BUNDLED } from '@/core/practice/words/wordList';

export const dynamic = 'force-dynamic';

const bodySchema = z.strictObject({
  purpose: z.enum(PURPOSES).optional(),
  tool: z.enum(FIRST_TOOL_IDS).optional(),
  hand: handIdSchema.optional(),
  about: aboutSchema.default(NOBODY),
}) satisfies z.ZodType<Sent['POST /api/begin']>;

/** A hand, a tool and a first page from a beginner's answers: `POST /api/begin`, body `{purpose?, tool?, hand?, about?}`. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const { about, ...wish } = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const { words } = await chosenWords(BUNDLED);
    return reply('POST /api/begin', await beginning(wish, about, words));
  });
