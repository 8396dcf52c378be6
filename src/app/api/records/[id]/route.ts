import { z } from 'zod';
import { answer, idSchema, parse, RECIPE_BODY, readJson, reply } from '@/app/_lib/http';
import { LONGEST_ENTRY, readEntry, readKind } from '@/core/log/entry';
import { Problem } from '@/core/problem/problem';
import { changeRecord, deleteRecord, saveRecord } from '@/store/records';

type Context = { params: Promise<{ id: string }> };

const bodySchema = z.strictObject({ kind: z.string(), data: z.unknown(), was: z.unknown().optional() });

/**
 * Stores an entry. `was` is the version it was made from (null where there was none): changes of others since then are merged; without
 * `was` the entry is overwritten. The answer is the entry as stored.
 */
export const PUT = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    const { kind: name, data, was } = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const kind = readKind(name);
    const entry = readEntry(kind, data);
    const kept = JSON.stringify(entry);
    if (kept.length > LONGEST_ENTRY) {
      throw new Problem('data', `The ${kind} is longer than ${LONGEST_ENTRY} characters; please shorten it.`);
    }
    const at = new Date().toISOString();
    if (was !== undefined) {
      return reply('PUT /api/records/{}', await changeRecord({ id, kind, data: entry, at }, was));
    }
    await saveRecord({ id, kind, data: kept, at });
    return reply('PUT /api/records/{}', { id, kind, data: entry, at });
  });

/** Deletes it. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    await deleteRecord(parse(idSchema, (await params).id));
    return new Response(null, { status: 204 });
  });
