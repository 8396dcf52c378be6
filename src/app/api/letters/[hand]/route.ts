import { z } from 'zod';
import { answer, LETTER_SET_BODY, parse, readJson, reply } from '@/app/_lib/http';
import { handIdSchema } from '@/core/hands/handId';
import { Problem } from '@/core/problem/problem';
import { parseLetterSet } from '@/core/setting/letterSet';
import { emptySet } from '@/core/setting/ownLetters';
import { changeLetterSet, deleteLetterSet, findLetterSet, saveLetterSet } from '@/store/letterSets';

type Context = { params: Promise<{ hand: string }> };

/** The scribe's letter set for a hand; an empty one where nothing was kept. */
export const GET = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const hand = parse(handIdSchema, (await params).hand);
    return Response.json((await findLetterSet(hand)) ?? emptySet(hand));
  });

/** A set, and what it was made from. */
const changeSchema = z.strictObject({ set: z.unknown(), was: z.unknown() });

/**
 * Keeps a letter set, in place of the hand's former one; as `{set, was}`, beside what others have changed since it was read
 * as `was`. The answer is the set as it is kept.
 */
export const PUT = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const hand = parse(handIdSchema, (await params).hand);
    const body = await readJson(request, LETTER_SET_BODY);
    const change = changeSchema.safeParse(body).data;
    const set = parseLetterSet(change ? change.set : body);
    if (set.hand !== hand) {
      throw new Problem('hand', `This set is for another hand: ${set.hand}, not ${hand}.`);
    }
    if (change) return reply('PUT /api/letters/{}', await changeLetterSet(set, change.was));
    await saveLetterSet(set);
    return reply('PUT /api/letters/{}', set);
  });

/** Forgets the set: every letter takes its usual shape again. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    await deleteLetterSet(parse(handIdSchema, (await params).hand));
    return new Response(null, { status: 204 });
  });
