import { z } from 'zod';
import { answer, idSchema, parse, RECIPE_BODY, Refusal, readJson, reply } from '@/app/_lib/http';
import type { Sent } from '@/core/desk/routes';
import { listPrinters, selectPrinter } from '@/store/printers';

const bodySchema = z.strictObject({ id: idSchema.nullable() }) satisfies z.ZodType<
  Sent['POST /api/printers/select']
>;

/** Chooses the printer that PDFs are corrected for, or none. The answer has all printers as they are now. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const { id } = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const isThere = await selectPrinter(id);
    if (!isThere) throw new Refusal(404, 'This printer was removed in another window. Choose another one.');
    return reply('POST /api/printers/select', { id, printers: await listPrinters() });
  });
