import { answer, Refusal } from '@/app/_lib/http';
import { enter, newSession, SESSION_COOKIE } from '@/app/_lib/session';

/** Longest form that is read, in bytes. */
const LONGEST = 2048;

/** Takes the passphrase of a shared server, from its form, and lets in who knows it. */
export const POST = (request: Request) =>
  answer(request, async () => {
    if (Number(request.headers.get('content-length') ?? 0) > LONGEST)
      throw new Refusal(413, 'The form is too long.');
    const said = (await request.formData()).get('passphrase');
    const now = Date.now();
    const outcome = enter(typeof said === 'string' ? said : '', now);
    const there = outcome === 'in' ? '/' : `/enter?${outcome}=1`;
    const headers = new Headers({ Location: there });
    if (outcome === 'in') {
      const { value, seconds } = newSession(now);
      // Where something in front speaks TLS, the cookie never goes without it.
      const secure = request.headers.get('x-forwarded-proto') === 'https' ? '; Secure' : '';
      headers.set(
        'Set-Cookie',
        `${SESSION_COOKIE}=${value}; Path=/; Max-Age=${seconds}; HttpOnly; SameSite=Strict${secure}`,
      );
    }
    return new Response(null, { status: 303, headers });
  });
