import { type NextRequest, NextResponse } from 'next/server';
import { isSession, isShared, SESSION_COOKIE } from './app/_lib/session';

/**
 * Guards every request. A page elsewhere must not reach this desk: the Host must be this machine's loopback (or one
 * named in ELVANE_HOSTS, comma-separated), which stops rebinding of names, and whatever changes data must come from
 * our own pages.
 */
const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];
const SAFE_METHODS = ['GET', 'HEAD', 'OPTIONS'];

const allowedHosts = (): string[] => [
  ...LOOPBACK,
  ...(process.env.ELVANE_HOSTS ?? '')
    .split(',')
    .map((host) => nameOf(host.trim()))
    .filter(Boolean),
];

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? '';
  if (!allowedHosts().includes(nameOf(host))) {
    return refuse(
      421,
      'This address is not one Elvane answers to. Open it on 127.0.0.1, or name the host in ELVANE_HOSTS.',
    );
  }
  if (!isReadable(request.nextUrl.pathname)) return refuse(400, 'This address cannot be read.');
  if (!SAFE_METHODS.includes(request.method)) {
    const origin = request.headers.get('origin');
    const site = request.headers.get('sec-fetch-site');
    const foreignOrigin = origin !== null && hostOf(origin) !== host;
    const foreignSite = origin === null && site !== null && site !== 'same-origin' && site !== 'none';
    if (foreignOrigin || foreignSite) {
      return refuse(403, 'This request comes from another site; nothing was changed.');
    }
  }
  if (isShared() && !isOpen(request.nextUrl.pathname)) {
    const session = request.cookies.get(SESSION_COOKIE)?.value;
    if (!isSession(session, Date.now())) {
      return request.nextUrl.pathname.startsWith('/api/')
        ? refuse(401, 'This desk is shared: say its passphrase first.')
        : NextResponse.redirect(new URL('/enter', `${schemeOf(request)}://${host}`), 303);
    }
  }
  return guarded(request);
}

/** How the browser spoke to whatever stands in front. */
const schemeOf = (request: NextRequest): string =>
  request.headers.get('x-forwarded-proto') === 'https' ? 'https' : 'http';

/** What a shared server shows before the passphrase is said: the page that asks for it, and what it is made of. */
const isOpen = (path: string): boolean =>
  ['/enter', '/api/enter', '/api/health/live', '/icon.svg'].includes(path) ||
  path.startsWith('/_next/static/');

/**
 * Lets a request through with a content security policy. Scripts are our own files, and the framework's inline ones by a
 * number of this answer alone: nothing a user uploads could ever run. Styles stand inline in the markup: positions of
 * panels, sizes of paper, colours of ink are attributes, which no number can allow.
 */
function guarded(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const policy = [
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
  const headers = new Headers(request.headers);
  // The framework reads the number off the request's own policy.
  headers.set('Content-Security-Policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', policy);
  return response;
}

function isReadable(path: string): boolean {
  try {
    decodeURIComponent(path);
    return true;
  } catch {
    return false;
  }
}

function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host;
  } catch {
    return undefined;
  }
}

const refuse = (status: number, message: string): NextResponse =>
  NextResponse.json({ error: { message } }, { status });
