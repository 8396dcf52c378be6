import { answer, ITEMS_BODY, idSchema, parse, Refusal, readJson } from '@/app/_lib/http';
import { parseItem } from '@/core/kit/itemFormat';
import { Problem } from '@/core/problem/problem';
import { deleteItems, saveItems } from '@/store/items';

type Context = { params: Promise<{ id: string }> };

/** Saves a thing of the bench. */
export const PUT = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    const item = parseItem(await readJson(request, ITEMS_BODY));
    if (item.id !== id) throw new Problem('id', 'The thing’s id is not that of the address.');
    await saveItems([item]);
    return Response.json(item);
  });

/** Removes a thing and answers it, so that the deletion can be undone by saving it again. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const [gone] = await deleteItems([parse(idSchema, (await params).id)]);
    if (!gone) throw new Refusal(404, 'There is no such thing on the bench.');
    return Response.json(gone);
  });
