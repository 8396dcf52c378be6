import { z } from 'zod';
import { answer, idSchema, parse, RESTORE_BODY, readJson } from '@/app/_lib/http';
import { KEPT_TABLE_NAMES } from '@/core/desk/keptTables';
import { commitRestore, dropRestore, dropStaleRestores, stageRows } from '@/store/backupStream';

/** Maximum number of rows in one request, and how long an unfinished restore is kept. */
const MOST_ROWS = 2000;
/** Rows of one table of a backup: more than a desk holds in a lifetime. */
const MOST_ROWS_OF_ALL = 10_000_000;
const STALE = 60 * 60 * 1000;

const rowsSchema = z.strictObject({
  table: z.enum(KEPT_TABLE_NAMES),
  first: z.int().min(0).max(MOST_ROWS_OF_ALL),
  rows: z.array(z.unknown()).max(MOST_ROWS),
});
const countsSchema = z.record(z.string().max(40), z.int().min(0));

const batchOf = (request: Request) => parse(idSchema, new URL(request.url).searchParams.get('batch'));

/** Stages rows of a backup under `batch`; nothing is changed until the batch is committed. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const batch = batchOf(request);
    const { table, first, rows } = parse(rowsSchema, await readJson(request, RESTORE_BODY));
    const now = new Date();
    await dropStaleRestores(new Date(now.getTime() - STALE));
    await stageRows(batch, table, first, rows, now);
    return Response.json({ staged: rows.length });
  });

/** Replaces everything by the batch, if as many rows of each table came through as the backup holds. */
export const PUT = (request: Request) =>
  answer(request, async () => {
    const counts = parse(countsSchema, await readJson(request, RESTORE_BODY));
    await commitRestore(batchOf(request), counts, new Date());
    return Response.json({ restored: counts });
  });

/** Discards the batch. */
export const DELETE = (request: Request) =>
  answer(request, async () => {
    await dropRestore(batchOf(request));
    return new Response(null, { status: 204 });
  });
