import { answer, reply } from '@/app/_lib/http';
import { notices } from '@/app/_lib/notices';

export const dynamic = 'force-dynamic';

/** Licences and notices of what ships with the application. */
export const GET = (request: Request) =>
  answer(request, async () => reply('GET /api/notices', await notices()));
