import { z } from 'zod';
import { answer, IMPORT_BODY, idSchema, parse, readJson } from '@/app/_lib/http';
import { parseItem } from '@/core/kit/itemFormat';
import { commitBatch, dropBatch, dropStaleBatches, stageItems } from '@/store/items';

/** Maximum number of rows in one request, and how long an unfinished file is kept. */
const MOST_ROWS = 2000;
const STALE = 60 * 60 * 1000;

const batchOf = (request: Request) => parse(idSchema, new URL(request.url).searchParams.get('batch'));

/** Stages rows of a file under `batch`; the bench is unchanged until the batch is committed. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const batch = batchOf(request);
    const rows = parse(z.array(z.unknown()).max(MOST_ROWS), await readJson(request, IMPORT_BODY));
    const now = new Date();
    await dropStaleBatches(new Date(now.getTime() - STALE));
    await stageItems(batch, rows.map(parseItem), now);
    return Response.json({ staged: rows.length });
  });

/** Commits the whole batch to the bench at once. */
export const PUT = (request: Request) =>
  answer(request, async () => Response.json({ written: await commitBatch(batchOf(request)) }));

/** Discards the batch. */
export const DELETE = (request: Request) =>
  answer(request, async () => {
    await dropBatch(batchOf(request));
    return new Response(null, { status: 204 });
  });
