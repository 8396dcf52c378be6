import { z } from 'zod';
import { answer, parse, readJson, reply, WORDS_BODY } from '@/app/_lib/http';
import { chosenWords } from '@/app/_lib/words';
import type { Sent } from '@/core/desk/routes';
import { BUNDLED, readWords, WORD_LIST_LIMITS } from '@/core/practice/words/wordList';
import { wordListId } from '@/core/practice/words/wordListFormat';
import { deleteWordList, saveWordList } from '@/store/wordLists';

export const dynamic = 'force-dynamic';

const LONGEST_NAME = 80;
const bodySchema = z.strictObject({
  name: z.string().trim().min(1).max(LONGEST_NAME),
  content: z.string().max(WORD_LIST_LIMITS.bytes, {
    error: () => `is longer than ${WORD_LIST_LIMITS.bytes / 1024 / 1024} MB`,
  }),
}) satisfies z.ZodType<Sent['POST /api/words']>;

const listIn = (request: Request): string =>
  parse(wordListId, new URL(request.url).searchParams.get('list') ?? BUNDLED);

/** The words of a list, `?list=ID`: `{name, words}`; the name is null for the bundled one, which stands in for a list that is gone. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const { name = null, words } = await chosenWords(listIn(request));
    return reply('GET /api/words', { name, words });
  });

/** Stores the user's own word list. Answers its id, and the numbers of words read and skipped. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const { name, content } = parse(bodySchema, await readJson(request, WORDS_BODY));
    const { words, skipped } = readWords(content);
    const id = await saveWordList({ name, content });
    return reply('POST /api/words', { id, name, words: words.length, skipped });
  });

/** Removes a list; what chose it has its words from the bundled one. */
export const DELETE = (request: Request) =>
  answer(request, async () => {
    await deleteWordList(listIn(request));
    return new Response(null, { status: 204 });
  });
