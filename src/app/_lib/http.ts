import 'server-only';
import { z } from 'zod';
import type { Answered } from '@/core/desk/routes';
import { type Offer, Problem } from '@/core/problem/problem';
import { read } from '@/core/problem/read';
import { LETTER_SET_LIMITS } from '@/core/setting/letterSetFormat';
import { PressRefusal } from '@/press/press';
import { ChangedElsewhere } from '@/store/changes';
import { troubleOf } from '@/store/trouble';
import { log } from './log';

/** What a route answers, as the table of routes has it; kept by no cache, since every answer is of this moment. */
export const reply = <R extends keyof Answered>(_route: R, body: Answered[R]): Response =>
  Response.json(body, { headers: { 'Cache-Control': 'no-store' } });

/** Sizes of request bodies, in bytes. A recipe is under 3 kB; a backup of a full shelf a few MB. */
export const RECIPE_BODY = 64 * 1024;
/** A piece with its text and the list it is written for. */
export const DOCUMENT_BODY = 1024 * 1024;
export const ITEMS_BODY = 1024 * 1024;
export const IMPORT_BODY = 4 * 1024 * 1024;
/** A recipe and thirty planned pages. */
export const COURSE_BODY = 512 * 1024;
/** A list of words, with room for the escapes of JSON. */
export const WORDS_BODY = 5 * 1024 * 1024;
/** A set, and what it was made from. */
export const LETTER_SET_BODY = 2 * LETTER_SET_LIMITS.bytes;
/** Rows of a backup in one request: a list of words is the largest of them. */
export const RESTORE_BODY = 8 * 1024 * 1024;
export const BACKUP_BODY = 16 * 1024 * 1024;

/** A refusal with its HTTP status. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message);
  }
}

export interface ErrorBody {
  readonly error: {
    readonly message: string;
    readonly field?: string;
    readonly offers?: readonly Offer[];
    /** On a conflict: the value stored now. */
    readonly theirs?: unknown;
  };
}

/**
 * Reads a JSON body of at most `limit` bytes, never holding more than that.
 * @throws Refusal 413 when it is longer, 415 when it is not declared as JSON, 400 when it is not JSON.
 */
export async function readJson(request: Request, limit: number): Promise<unknown> {
  if (!/^application\/json\s*(;|$)/i.test(request.headers.get('content-type') ?? '')) {
    throw new Refusal(415, 'Send the request body as application/json.');
  }
  const bytes = await readBytes(request, limit);
  if (depthOf(bytes) > DEEPEST) {
    throw new Refusal(400, `The request body is nested more than ${DEEPEST} deep; nothing here is.`);
  }
  let data: unknown;
  try {
    data = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw new Refusal(400, 'The request body is not readable JSON.');
  }
  return keepable(data);
}

/** Maximum nesting of JSON: no document of ours is deeper, and a deeper one could exhaust the stack of recursive code. */
const DEEPEST = 40;

/** Nesting depth of JSON, counted on its bytes before parsing. */
function depthOf(bytes: Uint8Array): number {
  const [QUOTE, BACKSLASH, OPEN, CLOSE] = [0x22, 0x5c, [0x5b, 0x7b], [0x5d, 0x7d]];
  let [depth, deepest, inText] = [0, 0, false];
  for (let i = 0; i < bytes.length; i++) {
    const byte = bytes[i] as number;
    if (inText) {
      if (byte === BACKSLASH) i += 1;
      else if (byte === QUOTE) inText = false;
    } else if (byte === QUOTE) inText = true;
    else if (OPEN.includes(byte)) deepest = Math.max(deepest, ++depth);
    else if (CLOSE.includes(byte)) depth -= 1;
  }
  return deepest;
}

/** Control characters but tab and line breaks: no text has them, and stores cut at them. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: it is control characters that are looked for
const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;

/**
 * Text as it can be kept: composed (NFC), so that the same word is the same everywhere.
 * @throws Refusal 422 for what a store would cut or change: control characters, halves of characters.
 */
function keepable(data: unknown): unknown {
  if (typeof data === 'string') {
    if (CONTROL.test(data) || !data.isWellFormed()) {
      throw new Refusal(
        422,
        'A text has control characters or broken characters in it, which cannot be kept; nothing was changed. Type it again.',
      );
    }
    return data.normalize('NFC');
  }
  if (Array.isArray(data)) return data.map(keepable);
  if (typeof data === 'object' && data !== null)
    return Object.fromEntries(Object.entries(data).map(([key, value]) => [key, keepable(value)]));
  return data;
}

/**
 * Reads a body of at most `limit` bytes, never holding more than that.
 * @throws Refusal 413 when it is longer.
 */
export async function readBytes(request: Request, limit: number): Promise<Uint8Array> {
  const tooLong = () => new Refusal(413, `The request body is longer than ${Math.round(limit / 1024)} kB.`);
  if (Number(request.headers.get('content-length') ?? 0) > limit) throw tooLong();
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > limit) {
      await reader.cancel();
      throw tooLong();
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks);
}

/** Reads untrusted data by a schema; the first thing wrong becomes a `Problem` that names the field. */
export const parse = <T>(schema: z.ZodType<T>, data: unknown): T =>
  read(schema, data, { what: 'the request' });

const TOO_MANY = 429;
const UNAVAILABLE = 503;

/** Client of a request: the machine that sent it, or the one named by a configured proxy. */
export const clientOf = (request: Request): string =>
  (request.headers.get('x-forwarded-for') ?? '').split(',', 1)[0]?.trim() || 'unknown';

/** Runs a route handler and turns what it throws into an answer: 422 for a Problem, 409 where somebody else has changed it, the status of a Refusal, 429 or 503 where the press is busy, 503 where the store fails, or 500. */
export async function answer(request: Request, handler: () => Promise<Response>): Promise<Response> {
  const started = performance.now();
  const respond = async (): Promise<Response> => {
    try {
      return await handler();
    } catch (error) {
      if (error instanceof Problem) {
        const { field, message, offers } = error;
        return Response.json({ error: { field, message, offers } } satisfies ErrorBody, { status: 422 });
      }
      if (error instanceof Refusal) {
        return Response.json({ error: { message: error.message } } satisfies ErrorBody, {
          status: error.status,
        });
      }
      if (error instanceof ChangedElsewhere) {
        const { field, message, theirs } = error;
        return Response.json({ error: { field, message, theirs } } satisfies ErrorBody, { status: 409 });
      }
      if (error instanceof PressRefusal) {
        const status = error.why === 'too many' ? TOO_MANY : UNAVAILABLE;
        return Response.json({ error: { message: error.message } } satisfies ErrorBody, { status });
      }
      const trouble = troubleOf(error);
      if (trouble) {
        log.error({ err: error, path: new URL(request.url).pathname }, 'the store failed');
        const message = `${trouble} What you changed is not kept yet.`;
        return Response.json({ error: { message } } satisfies ErrorBody, { status: UNAVAILABLE });
      }
      log.error({ err: error, path: new URL(request.url).pathname }, 'request failed');
      const message = 'Something went wrong on the server; nothing was changed. The log says more.';
      return Response.json({ error: { message } } satisfies ErrorBody, { status: 500 });
    }
  };
  const response = await respond();
  log.info(
    {
      method: request.method,
      path: new URL(request.url).pathname,
      status: response.status,
      ms: Math.round(performance.now() - started),
    },
    'request',
  );
  return response;
}

/** Ids are made by the application: short, and of plain characters. */
export const idSchema = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'must be 1 to 40 letters, digits, - or _');
