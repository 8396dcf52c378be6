import { z } from 'zod';
import { answer, ITEMS_BODY, parse, Refusal, readJson } from '@/app/_lib/http';
import { parseItem } from '@/core/kit/itemFormat';
import { Problem } from '@/core/problem/problem';
import { deleteItems, saveItems } from '@/store/items';

type Context = { params: Promise<{ id: string }> };

/** Ids of things may come from somebody's table: what the list of things takes is taken here. */
const itemIdSchema = z.string().min(1, 'must not be empty').max(40, 'has at most 40 characters');

/** Saves a thing of the bench. */
export const PUT = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(itemIdSchema, (await params).id);
    const item = parseItem(await readJson(request, ITEMS_BODY));
    if (item.id !== id) throw new Problem('id', 'The thing’s id is not that of the address.');
    await saveItems([item]);
    return Response.json(item);
  });

/** Removes a thing and answers it, so that the deletion can be undone by saving it again. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const [gone] = await deleteItems([parse(itemIdSchema, (await params).id)]);
    if (!gone) throw new Refusal(404, 'There is no such thing on the bench.');
    return Response.json(gone);
  });
