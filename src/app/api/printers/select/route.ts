import { z } from 'zod';
import { answer, idSchema, parse, RECIPE_BODY, readJson } from '@/app/_lib/http';
import { selectPrinter } from '@/store/printers';

const bodySchema = z.strictObject({ id: idSchema.nullable() });

/** Chooses the printer that PDFs are corrected for, or none. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const { id } = parse(bodySchema, await readJson(request, RECIPE_BODY));
    await selectPrinter(id);
    return Response.json({ id });
  });
