import { NextRequest } from 'next/server';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { enter, isSession, newSession, notSafelyShared, SESSION_COOKIE } from '@/app/_lib/session';
import { proxy } from '@/proxy';

const PHRASE = 'frost lamp comet tea';
const NOW = Date.parse('2026-11-27T05:00:00Z');
const HOUR = 3_600_000;

const share = (phrase = PHRASE) => {
  vi.stubEnv('ELVANE_HOSTS', 'desk.school');
  vi.stubEnv('ELVANE_PASSPHRASE', phrase);
};
afterEach(() => vi.unstubAllEnvs());

const asked = (path: string, { host = 'desk.school', cookie = '', method = 'GET', origin = '' } = {}) =>
  proxy(
    new NextRequest(`http://${host}${path}`, {
      method,
      headers: { host, ...(cookie && { cookie: `${SESSION_COOKIE}=${cookie}` }), ...(origin && { origin }) },
    }),
  );

describe('a desk of one’s own', () => {
  it('answers this machine and nobody else, and asks for nothing', () => {
    expect(asked('/shelf', { host: '127.0.0.1:3000' }).status).toBe(200);
    expect(asked('/shelf', { host: 'localhost:3000' }).status).toBe(200);
    expect(asked('/shelf').status).toBe(421);
    expect(notSafelyShared()).toBeUndefined();
  });

  it('takes changes from its own pages only', () => {
    const put = (origin: string) =>
      asked('/api/items', { host: '127.0.0.1:3000', method: 'PUT', origin }).status;
    expect(put('http://127.0.0.1:3000')).toBe(200);
    expect(put('http://elsewhere.example')).toBe(403);
    expect(put('null')).toBe(403);
  });

  it('sends a policy that lets no script in but its own, by another number each time', () => {
    const policy = () => asked('/shelf', { host: '127.0.0.1' }).headers.get('content-security-policy') ?? '';
    const [one, other] = [policy(), policy()];
    expect(one).toMatch(/script-src 'self' 'nonce-[\w+/=]{20,}'/);
    expect(one).not.toMatch(/script-src[^;]*unsafe/);
    expect(one).not.toBe(other);
  });
});

describe('a shared desk', () => {
  it('does not start without a passphrase worth the name', () => {
    for (const phrase of ['', 'short']) {
      share(phrase);
      expect(notSafelyShared()).toMatch(/ELVANE_PASSPHRASE to at least 12/);
    }
    share();
    expect(notSafelyShared()).toBeUndefined();
  });

  it('shows nothing but the page that asks, until the passphrase is said', () => {
    share();
    expect(asked('/shelf').headers.get('location')).toBe('http://desk.school/enter');
    expect(asked('/api/items').status).toBe(401);
    expect(asked('/api/items', { cookie: 'made.up' }).status).toBe(401);
    for (const path of ['/enter', '/_next/static/x.js', '/api/health/live'])
      expect(asked(path).status, path).toBe(200);
    const { value } = newSession(Date.now());
    expect(asked('/shelf', { cookie: value }).status).toBe(200);
    expect(asked('/api/items', { cookie: value }).status).toBe(200);
  });

  it('knows its own sessions, while they last, and none made with another passphrase', () => {
    share();
    const { value, seconds } = newSession(NOW);
    expect(isSession(value, NOW + HOUR)).toBe(true);
    expect(isSession(value, NOW + seconds * 1000 + 1)).toBe(false);
    expect(isSession(`${NOW + 10 * HOUR}.${value.split('.')[1]}`, NOW)).toBe(false);
    expect(isSession(undefined, NOW)).toBe(false);
    share('another phrase altogether');
    expect(isSession(value, NOW + HOUR)).toBe(false);
  });

  it('lets in who says it, and makes guessers wait', () => {
    share();
    expect(enter(PHRASE, NOW)).toBe('in');
    for (let i = 0; i < 10; i++) expect(enter(`guess ${i}`, NOW + i)).toBe('wrong');
    expect(enter(PHRASE, NOW + 20)).toBe('wait');
    expect(enter(PHRASE, NOW + 61_000)).toBe('in');
  });
});
