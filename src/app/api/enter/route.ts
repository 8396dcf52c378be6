import { z } from 'zod';
import { answer, Refusal, readBytes } from '@/app/_lib/http';
import { enter, newSession, SESSION_COOKIE } from '@/guard/session';

/** Maximum size of a form, in bytes. */
const LONGEST = 2048;

/**
 * The passphrase of a form or of JSON.
 * @throws Refusal 413 where it is too long, 400 where it is neither.
 */
async function saidIn(request: Request): Promise<string> {
  const bytes = await readBytes(request, LONGEST);
  const type = request.headers.get('content-type') ?? '';
  try {
    const body = new Response(Buffer.from(bytes), { headers: { 'Content-Type': type } });
    const said = isJson(request)
      ? bodySchema.parse(await body.json()).passphrase
      : (await body.formData()).get('passphrase');
    return typeof said === 'string' ? said : '';
  } catch {
    throw new Refusal(400, 'This is not the form. Enter the passphrase on the page that asks for it.');
  }
}

const bodySchema = z.strictObject({ passphrase: z.string() });

/** A window in the midst of work asks in JSON, and stays where it is; the page that asks sends a form, and is sent on. */
const isJson = (request: Request): boolean =>
  /^application\/json\s*(;|$)/i.test(request.headers.get('content-type') ?? '');

const REFUSED = {
  wrong: [403, 'That is not it. Whoever runs this server knows the passphrase.'],
  wait: [429, 'Too many wrong ones; wait a minute.'],
} as const;

/** Takes the passphrase of a shared server, and lets in who knows it. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const said = await saidIn(request);
    const now = Date.now();
    const outcome = enter(said, now);
    const headers = new Headers();
    if (outcome === 'in') {
      const { value, seconds } = newSession(now);
      // Behind a proxy with TLS the cookie is marked `Secure`.
      const secure = request.headers.get('x-forwarded-proto') === 'https' ? '; Secure' : '';
      headers.set(
        'Set-Cookie',
        `${SESSION_COOKIE}=${value}; Path=/; Max-Age=${seconds}; HttpOnly; SameSite=Strict${secure}`,
      );
    }
    if (!isJson(request)) {
      headers.set('Location', outcome === 'in' ? '/' : `/enter?${outcome}=1`);
      return new Response(null, { status: 303, headers });
    }
    if (outcome !== 'in') {
      const [status, why] = REFUSED[outcome];
      throw new Refusal(status, why);
    }
    return new Response(null, { status: 204, headers });
  });
