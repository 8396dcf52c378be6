import { answer, reply } from '@/app/_lib/http';
import { listWordLists } from '@/store/wordLists';

export const dynamic = 'force-dynamic';

/** The lists of words that are kept: `{lists: [{id, name}]}`. */
export const GET = (request: Request) =>
  answer(request, async () => reply('GET /api/words/lists', { lists: await listWordLists() }));
