import { z } from 'zod';
import { answer, idSchema, parse, RECIPE_BODY, readJson } from '@/app/_lib/http';
import { LONGEST_ENTRY, readEntry } from '@/core/log/entry';
import { Problem } from '@/core/problem/problem';
import { deleteRecord, saveRecord } from '@/store/records';

type Context = { params: Promise<{ id: string }> };

const bodySchema = z.strictObject({ kind: z.string(), data: z.unknown() });

/** Remembers something. */
export const PUT = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    const { kind, data } = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const kept = JSON.stringify(readEntry(kind, data));
    if (kept.length > LONGEST_ENTRY) {
      throw new Problem('data', `The ${kind} is longer than ${LONGEST_ENTRY} characters; please shorten it.`);
    }
    const record = { id, kind, data: kept, at: new Date().toISOString() };
    await saveRecord(record);
    return Response.json(record);
  });

/** Forgets it. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    await deleteRecord(parse(idSchema, (await params).id));
    return new Response(null, { status: 204 });
  });
