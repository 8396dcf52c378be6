import { z } from 'zod';
import { answer, idSchema, parse, RECIPE_BODY, Refusal, readJson } from '@/app/_lib/http';
import { NIB_KINDS } from '@/core/kit/nib';
import { LIMITS, notANumber, outOfRange } from '@/core/sheet/limits';
import { deleteNib, saveNib } from '@/store/nibs';

type Context = { params: Promise<{ id: string }> };

const { width } = LIMITS;
const bodySchema = z.strictObject({
  kind: z.enum(NIB_KINDS),
  label: z.string().trim().min(1, 'a nib needs a name').max(80, 'a name has at most 80 characters'),
  width: z
    .number({ error: () => notANumber(width) })
    .min(width.low, { error: (issue) => outOfRange(width, issue.input as number) })
    .max(width.high, { error: (issue) => outOfRange(width, issue.input as number) }),
  uncertainty: z.number().min(0).max(width.high).nullable(),
  measured: z.boolean(),
});

/** Saves a nib; `measured` says that its width was measured just now. */
export const PUT = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    const { measured, ...nib } = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const saved = { id, ...nib, measuredAt: measured ? new Date().toISOString() : null };
    await saveNib(saved);
    return Response.json(saved);
  });

/** Removes a nib and answers it, so that the deletion can be undone by saving it again. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const gone = await deleteNib(parse(idSchema, (await params).id));
    if (!gone) throw new Refusal(404, 'There is no such nib in the drawer.');
    return Response.json(gone);
  });
