import { z } from 'zod';
import { answer, idSchema, parse, reply } from '@/app/_lib/http';
import { LOG_KINDS } from '@/core/log/logKinds';
import { listLog } from '@/store/logbook';

export const dynamic = 'force-dynamic';

const querySchema = z.object({
  kind: z.enum(LOG_KINDS).optional(),
  text: z.string().max(80).default(''),
  at: z.iso.datetime().optional(),
  id: idSchema.optional(),
});

/** A screen of the logbook, the latest first: `GET /api/log?kind=&text=`, and with `at` and `id` of its last entry the next one. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const { kind, text, at, id } = parse(querySchema, Object.fromEntries(new URL(request.url).searchParams));
    const entries = await listLog({
      kinds: kind ? [kind] : LOG_KINDS,
      text,
      ...(at !== undefined && id !== undefined && { before: { at, id } }),
    });
    return reply('GET /api/log', { entries });
  });
