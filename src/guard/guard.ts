import type { IncomingHttpHeaders } from 'node:http';
import { isSession, isShared, SESSION_COOKIE } from './session';

/** The head of a request, as it came in. */
export interface Head {
  readonly method: string;
  readonly url: string;
  readonly headers: IncomingHttpHeaders;
}

export type Verdict =
  | { readonly kind: 'refused'; readonly status: 400 | 401 | 403 | 405 | 421; readonly message: string }
  /** Redirect to another address. */
  | { readonly kind: 'sent on'; readonly to: string }
  /** To be answered at this address (the one that was judged) under this content security policy. */
  | { readonly kind: 'let in'; readonly url: string; readonly policy: string };

/** Methods that some route answers. */
export const METHODS = ['GET', 'HEAD', 'OPTIONS', 'POST', 'PUT', 'PATCH', 'DELETE'];
/** Methods that change nothing. */
const SAFE_METHODS = ['GET', 'HEAD', 'OPTIONS'];
const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];

/**
 * Judges every request before the framework sees it. A page elsewhere must not reach this desk: the Host must be this machine's
 * loopback, or one named in ELVANE_HOSTS (comma-separated), which stops rebinding of names; and what changes data must come from
 * our own pages. It stands in front of the framework, whose own middleware costs 4 ms a request.
 */
export function judge({ method, url, headers }: Head): Verdict {
  if (!METHODS.includes(method)) return refused(405, 'This method is not known here.');
  const address = addressOf(url);
  if (!address) return refused(400, 'This address cannot be read.');
  const host = headers.host ?? '';
  if (!allowedHosts().includes(nameOf(host))) {
    return refused(
      421,
      'This address is not one Elvane answers to. Open it on 127.0.0.1, or name the host in ELVANE_HOSTS.',
    );
  }
  if (!SAFE_METHODS.includes(method) && isForeign(headers, host)) {
    return refused(403, 'This request comes from another site; nothing was changed.');
  }
  const path = address.pathname;
  if (isShared() && !isOpen(path) && !isSession(cookie(headers, SESSION_COOKIE), Date.now())) {
    return path.startsWith('/api/')
      ? refused(401, 'This desk is shared: say its passphrase first.')
      : { kind: 'sent on', to: '/enter' };
  }
  return { kind: 'let in', url: path + address.search, policy: newPolicy() };
}

const refused = (status: 400 | 401 | 403 | 405 | 421, message: string): Verdict => ({
  kind: 'refused',
  status,
  message,
});

/**
 * Resolves an address as browsers do (dots, backslashes), so that the judged address is the one that is answered; undefined if it is not
 * an address of this server.
 */
function addressOf(url: string): URL | undefined {
  if (!url.startsWith('/')) return undefined;
  try {
    // Two leading slashes would name another server.
    const address = new URL(url.replace(/^[/\\]+/, '/'), 'http://here');
    decodeURIComponent(address.pathname);
    return address;
  } catch {
    return undefined;
  }
}

const allowedHosts = (): string[] => [
  ...LOOPBACK,
  ...(process.env.ELVANE_HOSTS ?? '')
    .split(',')
    .map((host) => nameOf(host.trim()))
    .filter(Boolean),
];

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/** Whether a page of another site sends it. Clients other than browsers do not say where they come from. */
function isForeign({ origin, 'sec-fetch-site': site }: IncomingHttpHeaders, host: string): boolean {
  if (origin !== undefined) return hostOf(origin) !== host;
  return site !== undefined && site !== 'same-origin' && site !== 'none';
}

function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host;
  } catch {
    return undefined;
  }
}

const cookie = (headers: IncomingHttpHeaders, name: string): string | undefined =>
  headers.cookie
    ?.split(';')
    .map((pair) => pair.trim())
    .find((pair) => pair.startsWith(`${name}=`))
    ?.slice(name.length + 1);

/** What a shared server serves without a session: the page that asks for the passphrase, and its files. */
const isOpen = (path: string): boolean =>
  ['/enter', '/api/enter', '/api/health/live', '/icon.svg'].includes(path) ||
  path.startsWith('/_next/static/');

/**
 * A content security policy with a number of its own. Scripts are our own files, and the framework's inline ones by this number
 * alone: nothing a user uploads could ever run. Styles stand inline in the markup: positions of panels, sizes of paper, colours of
 * ink are attributes, which no number can allow.
 */
function newPolicy(): string {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "worker-src 'self'",
    "connect-src 'self'",
    // A page to print is shown to the browser's dialogue in a frame of its own.
    "frame-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'self'",
    "frame-ancestors 'none'",
    "form-action 'self'",
  ].join('; ');
}

/** Headers of every answer. */
export const ALWAYS: Readonly<Record<string, string>> = {
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'same-origin',
  // The application uses none of these, and an injected page could not use them either.
  'Permissions-Policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
};
