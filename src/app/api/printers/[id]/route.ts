import { z } from 'zod';
import { answer, idSchema, parse, RECIPE_BODY, readJson } from '@/app/_lib/http';
import { printerCorrection } from '@/core/page/printer';
import { deletePrinter, savePrinter } from '@/store/printers';

type Context = { params: Promise<{ id: string }> };

const bodySchema = z.strictObject({
  name: z.string().trim().min(1, 'a printer needs a name').max(80, 'a name has at most 80 characters'),
  measuredX: z.number({ error: () => 'must be a length in mm' }),
  measuredY: z.number({ error: () => 'must be a length in mm' }),
});

/** Saves a printer profile; nonsense lengths are refused by the core. */
export const PUT = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    const profile = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const correction = printerCorrection(profile.measuredX, profile.measuredY);
    await savePrinter({ id, ...profile });
    return Response.json({ id, correction });
  });

export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    await deletePrinter(id);
    return Response.json({ id });
  });
