import { z } from 'zod';
import { answer, ITEMS_BODY, parse, Refusal, readJson, reply } from '@/app/_lib/http';
import { KEPT_TABLE_NAMES } from '@/core/desk/keptTables';
import { listUnreadable, removeUnreadable } from '@/store/unreadable';

export const dynamic = 'force-dynamic';

const NOT_FOUND = 404;
const bodySchema = z.strictObject({ table: z.enum(KEPT_TABLE_NAMES), key: z.string().max(200) });

/** Rows of the store that nothing can read any more, and why. */
export const GET = (request: Request) =>
  answer(request, async () => reply('GET /api/unreadable', await listUnreadable()));

/** Removes one of them: `{table, key}`. */
export const DELETE = (request: Request) =>
  answer(request, async () => {
    const { table, key } = parse(bodySchema, await readJson(request, ITEMS_BODY));
    if (!(await removeUnreadable(table, key)))
      throw new Refusal(NOT_FOUND, 'There is no such unreadable row.');
    return Response.json({ table, key });
  });
