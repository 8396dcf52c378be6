import type { Answered, Sent } from '@/core/desk/routes';
import type { Offer } from '@/core/problem/problem';
import { Problem } from '@/core/problem/problem';

const CONFLICT = 409;
const UNAVAILABLE = 503;
const NOT_ENTERED = 401;

/** The server or its database cannot be reached; the request may be repeated. */
export class Away extends Problem {
  constructor(message: string) {
    super('server', message);
  }
}

/** The session of a shared desk has ended; the request may be repeated once the passphrase has been entered. */
export class LoggedOut extends Away {
  constructor() {
    super('This desk asks for its passphrase again.');
  }
}

/** A save refused because the stored version has changed since it was read; `theirs` is the stored version. */
export class Stale extends Problem {
  constructor(
    message: string,
    readonly theirs: unknown,
    field = 'revision',
  ) {
    super(field, message);
  }
}

/**
 * Calls one of the application's own routes.
 * @throws Problem with the server's sentence when it refuses, Away when it or its store cannot be reached; what `signal`
 * throws when it is aborted.
 */
export async function call(
  path: string,
  init: { method?: string; json?: unknown; body?: BodyInit; keepalive?: boolean; signal?: AbortSignal } = {},
): Promise<Response> {
  const { method = 'GET', json, body: raw, keepalive, signal } = init;
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      keepalive,
      signal,
      body: raw,
      ...(json !== undefined && {
        body: JSON.stringify(json),
        headers: { 'Content-Type': 'application/json' },
      }),
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new Away('Elvane’s server does not answer. Your work is kept in this window.');
  }
  if (response.ok) return response;
  const body = (await response.json().catch(() => null)) as {
    error?: { field?: string; message?: string; offers?: Offer[]; theirs?: unknown };
  } | null;
  if (response.status === CONFLICT) {
    throw new Stale(
      body?.error?.message ?? 'It has been changed elsewhere.',
      body?.error?.theirs,
      body?.error?.field,
    );
  }
  if (response.status === NOT_ENTERED) throw new LoggedOut();
  if (response.status === UNAVAILABLE) throw new Away(body?.error?.message ?? 'The server is busy.');
  throw new Problem(
    body?.error?.field ?? 'server',
    body?.error?.message ?? `The server answered ${response.status}.`,
    body?.error?.offers,
  );
}

/** How a route is asked: its id in place of `{}`, its query, and what it is sent. */
export type Asking<R extends keyof Answered> = {
  readonly id?: string;
  readonly query?: Readonly<Record<string, string>>;
  readonly signal?: AbortSignal;
  readonly keepalive?: boolean;
} & (R extends keyof Sent ? { readonly json: Sent[R] } : unknown);

/**
 * Asks one of the application's own routes for its JSON. Server and page are of one build, so that the answer is what the table of routes
 * says.
 * @throws as `call` does.
 */
export async function askServer<R extends keyof Answered>(
  route: R,
  { id, query, ...init }: Asking<R>,
): Promise<Answered[R]> {
  const { method, path } = addressOf(route, id, query);
  const answer = await call(path, { method, ...init });
  return answer.json();
}

/** Method and path of a route, with its id and its query. */
export function addressOf(
  route: keyof Answered,
  id = '',
  query?: Readonly<Record<string, string>>,
): { readonly method: string; readonly path: string } {
  const [method = 'GET', path = ''] = route.split(' ');
  const search = query ? `?${new URLSearchParams(query)}` : '';
  return { method, path: path.replace('{}', encodeURIComponent(id)) + search };
}

/** The sentence to show for anything thrown. */
export const sentenceOf = (error: unknown): string =>
  error instanceof Problem ? error.message : 'Something unexpected went wrong; nothing was lost.';

/** Hands a file to the browser's downloads. */
export function download(content: Blob, name: string): void {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** Data as a JSON file that people can read. */
export const downloadJson = (data: unknown, name: string): void =>
  download(new Blob([JSON.stringify(data, null, 2)], { type: 'application/json' }), name);

/** The name a file of the server asks to be saved under. */
export const fileNameOf = (response: Response, otherwise: string): string =>
  /filename="([^"]+)"/.exec(response.headers.get('content-disposition') ?? '')?.[1] ?? otherwise;

/** A new id for a sheet, a nib or a printer. */
export const newId = (): string => crypto.randomUUID();
