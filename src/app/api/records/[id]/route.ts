import { z } from 'zod';
import { answer, idSchema, parse, RECIPE_BODY, readJson } from '@/app/_lib/http';
import { deleteRecord, RECORD_KINDS, saveRecord } from '@/store/records';

type Context = { params: Promise<{ id: string }> };

const LONGEST = 4000;
const bodySchema = z.strictObject({
  kind: z.enum(RECORD_KINDS),
  data: z.record(z.string().max(40), z.unknown()).refine((data) => JSON.stringify(data).length <= LONGEST, {
    error: () => 'is longer than 4000 characters',
  }),
});

/** Remembers something. */
export const PUT = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    const { kind, data } = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const record = { id, kind, data: JSON.stringify(data), at: new Date().toISOString() };
    await saveRecord(record);
    return Response.json(record);
  });

/** Forgets it. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    await deleteRecord(parse(idSchema, (await params).id));
    return new Response(null, { status: 204 });
  });
