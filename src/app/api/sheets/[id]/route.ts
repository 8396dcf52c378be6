import { z } from 'zod';
import { answer, DOCUMENT_BODY, idSchema, parse, Refusal, readJson, reply } from '@/app/_lib/http';
import { storedDocument } from '@/app/_lib/storedDocument';
import type { Sent } from '@/core/desk/routes';
import { checkDocument, parseDocument } from '@/core/document/document';
import { deleteSheet, findSheet, type StoredSheet, saveSheet, UNSAVED } from '@/store/sheets';

type Context = { params: Promise<{ id: string }> };

const bodySchema = z.strictObject({
  name: z.string().trim().min(1, 'a sheet needs a name').max(80, 'a name has at most 80 characters'),
  recipe: z.unknown(),
  /** The revision it was read at, 0 for a new sheet; without it the sheet is overwritten whatever it is. */
  basedOn: z.int().min(UNSAVED).optional(),
}) satisfies z.ZodType<Sent['PUT /api/sheets/{}']>;

/** A sheet of the shelf, with what was made of it. */
export const GET = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const sheet = await findSheet(parse(idSchema, (await params).id));
    if (!sheet) throw new Refusal(404, 'This sheet is not on the shelf: it was deleted.');
    const { name, revision } = sheet;
    return reply('GET /api/sheets/{}', { name, recipe: storedDocument(sheet), revision });
  });

/** Saves a sheet: autosave, naming, import and duplication all come here. */
export const PUT = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    const body = parse(bodySchema, await readJson(request, DOCUMENT_BODY));
    const recipe = parseDocument(body.recipe);
    checkDocument(recipe);
    const sheet = { id, name: body.name, recipe: JSON.stringify(recipe) };
    const saved = await saveSheet(sheet, new Date(), body.basedOn);
    if (saved.kind === 'saved') return reply('PUT /api/sheets/{}', { id, revision: saved.revision });
    return Response.json(staleAnswer(saved.theirs), { status: 409 });
  });

/** A sheet as its readers get it; null where its row holds no JSON. */
function asRead({ name, recipe, revision }: StoredSheet) {
  try {
    return { name, recipe: JSON.parse(recipe), revision };
  } catch {
    return null;
  }
}

/** Why a save was refused, and the sheet as it is now; none where it was deleted. */
const staleAnswer = (theirs: StoredSheet | undefined) => ({
  error: {
    field: 'revision',
    message: theirs
      ? `“${theirs.name}” has been changed in another window since it was opened here.`
      : 'This sheet has been deleted in another window since it was opened here.',
    theirs: theirs ? asRead(theirs) : null,
  },
});

/** Takes a sheet off the shelf; `restore` brings it back. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    if (!(await deleteSheet(id, new Date()))) throw new Refusal(404, 'There is no such sheet on the shelf.');
    return Response.json({ id });
  });
