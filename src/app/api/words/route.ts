import { z } from 'zod';
import { answer, parse, readJson, WORDS_BODY } from '@/app/_lib/http';
import { currentWords } from '@/app/_lib/words';
import { readWords, WORD_LIST_LIMITS } from '@/core/practice/words/wordList';
import { deleteWordList, saveWordList } from '@/store/wordLists';

export const dynamic = 'force-dynamic';

const LONGEST_NAME = 80;
const bodySchema = z.strictObject({
  name: z.string().trim().min(1).max(LONGEST_NAME),
  content: z.string().max(WORD_LIST_LIMITS.bytes, {
    error: () => `is longer than ${WORD_LIST_LIMITS.bytes / 1024 / 1024} MB`,
  }),
});

/** The words practised with: `{name, words}`; the name is null for the bundled list. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const { name = null, words } = await currentWords();
    return Response.json({ name, words }, { headers: { 'Cache-Control': 'no-store' } });
  });

/** Takes a list of one's own, a text of words, in place of the bundled one. Answers how many were read and passed over. */
export const PUT = (request: Request) =>
  answer(request, async () => {
    const { name, content } = parse(bodySchema, await readJson(request, WORDS_BODY));
    const { words, skipped } = readWords(content);
    await saveWordList({ name, content });
    return Response.json({ name, words: words.length, skipped });
  });

/** Goes back to the bundled list. */
export const DELETE = (request: Request) =>
  answer(request, async () => {
    await deleteWordList();
    return new Response(null, { status: 204 });
  });
