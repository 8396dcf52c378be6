import { z } from 'zod';
import { answer, ITEMS_BODY, parse, readJson, reply } from '@/app/_lib/http';
import type { Item } from '@/core/kit/item';
import { parseItem } from '@/core/kit/itemFormat';
import { changeItem, deleteItems, listItems, saveItems } from '@/store/items';

/** Maximum number of things changed in one request. */
const MOST_AT_ONCE = 500;

/** The bench. Facts nobody knows are left out, so that a large bench travels light. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const items = await listItems();
    return new Response(
      JSON.stringify(items, (_, value) => (value === null || value === '' ? undefined : value)),
      { headers: { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' } },
    );
  });

/** Saves several things at once, all or nothing. */
export const PUT = (request: Request) =>
  answer(request, async () => {
    const list = parse(z.array(z.unknown()).min(1).max(MOST_AT_ONCE), await readJson(request, ITEMS_BODY));
    const items = list.map(parseItem);
    await saveItems(items);
    return Response.json(items);
  });

const changesSchema = z
  .array(
    z.strictObject({
      id: z.string().min(1).max(40),
      was: z.record(z.string(), z.unknown()),
      now: z.record(z.string(), z.unknown()),
    }),
  )
  .min(1)
  .max(MOST_AT_ONCE);

/** Changes some facts of things, each with what it was read as; all other facts stay as they are stored. */
export const PATCH = (request: Request) =>
  answer(request, async () => {
    const changes = parse(changesSchema, await readJson(request, ITEMS_BODY));
    const changed: Item[] = [];
    for (const change of changes) changed.push(await changeItem(change));
    return reply('PATCH /api/items', changed);
  });

/** Removes several things and answers them, so that the deletion can be undone by saving them again. */
export const DELETE = (request: Request) =>
  answer(request, async () => {
    const ids = parse(
      z.array(z.string().min(1).max(40)).min(1).max(MOST_AT_ONCE),
      await readJson(request, ITEMS_BODY),
    );
    return Response.json(await deleteItems(ids));
  });
