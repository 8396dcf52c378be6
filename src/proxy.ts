import { type NextRequest, NextResponse } from 'next/server';

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
    .map((host) => host.trim())
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
  return NextResponse.next();
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
