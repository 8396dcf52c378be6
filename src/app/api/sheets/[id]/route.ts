import { z } from 'zod';
import { answer, idSchema, parse, RECIPE_BODY, Refusal, readJson } from '@/app/_lib/http';
import { parseRecipe } from '@/core/document/recipe';
import { deleteSheet, saveSheet } from '@/store/sheets';

type Context = { params: Promise<{ id: string }> };

const bodySchema = z.strictObject({
  name: z.string().trim().min(1, 'a sheet needs a name').max(80, 'a name has at most 80 characters'),
  recipe: z.unknown(),
});

/** Saves a sheet: autosave, naming, import and duplication all come here. */
export const PUT = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    const body = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const recipe = parseRecipe(body.recipe);
    await saveSheet({ id, name: body.name, recipe: JSON.stringify(recipe) }, new Date());
    return Response.json({ id });
  });

/** Takes a sheet off the shelf; `restore` brings it back. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    if (!(await deleteSheet(id, new Date()))) throw new Refusal(404, 'There is no such sheet on the shelf.');
    return Response.json({ id });
  });
