import { answer, Refusal, readBytes } from '@/app/_lib/http';
import { enter, newSession, SESSION_COOKIE } from '@/guard/session';

/** Longest form that is read, in bytes. */
const LONGEST = 2048;

/** The form of a request, never more than the longest that is read. @throws Refusal 413, or 400 where it is no form. */
async function formOf(request: Request): Promise<FormData> {
  const bytes = await readBytes(request, LONGEST);
  const type = request.headers.get('content-type') ?? '';
  try {
    return await new Response(Buffer.from(bytes), { headers: { 'Content-Type': type } }).formData();
  } catch {
    throw new Refusal(400, 'This is no form. Say the passphrase on the page that asks for it.');
  }
}

/** Takes the passphrase of a shared server, from its form, and lets in who knows it. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const said = (await formOf(request)).get('passphrase');
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
