import { answer } from '@/app/_lib/http';
import { SESSION_COOKIE } from '@/guard/session';

/** Ends the session of whoever leaves a shared desk: the next to come is asked for the passphrase. */
export const POST = (request: Request) =>
  answer(
    request,
    async () =>
      new Response(null, {
        status: 303,
        headers: {
          Location: '/enter',
          'Set-Cookie': `${SESSION_COOKIE}=; Path=/; Max-Age=0; HttpOnly; SameSite=Strict`,
        },
      }),
  );
