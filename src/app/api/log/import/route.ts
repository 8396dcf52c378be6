import { z } from 'zod';
import { answer, IMPORT_BODY, idSchema, parse, readJson, reply } from '@/app/_lib/http';
import type { Sent } from '@/core/desk/routes';
import { sessionSchema } from '@/core/log/session';
import { fatesOf, importSessions } from '@/store/logbook';

export const dynamic = 'force-dynamic';

/** Sessions of one file: more than ten years of daily ones. */
const MOST_SESSIONS = 5000;

const bodySchema = z.strictObject({
  sessions: z
    .array(z.strictObject({ id: idSchema, session: sessionSchema }))
    .max(MOST_SESSIONS, { error: () => `A file has at most ${MOST_SESSIONS} sessions; split it.` }),
}) satisfies z.ZodType<Sent['POST /api/log/import']>;

/** Sessions of a file: `POST /api/log/import`, body `{sessions: [{id, session}]}`. With `dry=1` nothing is kept: the answer is what would become of each, `{fates}`. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const { sessions } = parse(bodySchema, await readJson(request, IMPORT_BODY));
    const fates = await fatesOf(sessions);
    if (new URL(request.url).searchParams.get('dry') !== '1') await importSessions(sessions);
    return reply('POST /api/log/import', { fates });
  });
