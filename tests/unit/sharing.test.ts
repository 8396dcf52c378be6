import { afterEach, describe, expect, it, vi } from 'vitest';
import { judge } from '@/guard/guard';
import { enter, isSession, newSession, notSafelyShared, SESSION_COOKIE } from '@/guard/session';

const PHRASE = 'frost lamp comet tea';
const NOW = Date.parse('2026-11-27T05:00:00Z');
const HOUR = 3_600_000;

const share = (phrase = PHRASE) => {
  vi.stubEnv('ELVANE_HOSTS', 'desk.school');
  vi.stubEnv('ELVANE_PASSPHRASE', phrase);
};
afterEach(() => vi.unstubAllEnvs());

const asked = (url: string, { host = 'desk.school', cookie = '', method = 'GET', origin = '' } = {}) =>
  judge({
    method,
    url,
    headers: {
      host,
      ...(cookie && { cookie: `a=b; ${SESSION_COOKIE}=${cookie}` }),
      ...(origin && { origin }),
    },
  });
const LET_IN = { kind: 'let in' };
const refused = (status: number) => ({ kind: 'refused', status });
const ASKED_FOR_IT = { kind: 'sent on', to: '/enter' };

describe('a desk of one’s own', () => {
  it('answers this machine and nobody else, and asks for nothing', () => {
    expect(asked('/shelf', { host: '127.0.0.1:3000' })).toMatchObject(LET_IN);
    expect(asked('/shelf', { host: 'localhost:3000' })).toMatchObject(LET_IN);
    expect(asked('/shelf')).toMatchObject(refused(421));
    expect(notSafelyShared()).toBeUndefined();
  });

  it('takes changes from its own pages only', () => {
    const put = (origin: string) => asked('/api/items', { host: '127.0.0.1:3000', method: 'PUT', origin });
    expect(put('http://127.0.0.1:3000')).toMatchObject(LET_IN);
    expect(put('http://elsewhere.example')).toMatchObject(refused(403));
    expect(put('null')).toMatchObject(refused(403));
  });

  it('sends a policy that lets no script in but its own, by another number each time', () => {
    const policy = () => {
      const verdict = asked('/shelf', { host: '127.0.0.1' });
      return verdict.kind === 'let in' ? verdict.policy : '';
    };
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
    expect(asked('/shelf')).toEqual(ASKED_FOR_IT);
    expect(asked('/api/items')).toMatchObject(refused(401));
    expect(asked('/api/items', { cookie: 'made.up' })).toMatchObject(refused(401));
    for (const path of ['/enter', '/_next/static/x.js', '/api/health/live'])
      expect(asked(path), path).toMatchObject(LET_IN);
    const { value } = newSession(Date.now());
    expect(asked('/shelf', { cookie: value })).toMatchObject(LET_IN);
    expect(asked('/api/items', { cookie: value })).toMatchObject(LET_IN);
  });

  it('judges the address that is answered, however it is written', () => {
    share();
    for (const path of ['/_next/static/../../api/items', '/_next/static/%2e%2e/%2e%2e/api/items'])
      expect(asked(path), path).toMatchObject(refused(401));
    for (const path of ['/_next/static/..\\..\\shelf', '//elsewhere.test/../shelf', '/enter/../shelf'])
      expect(asked(path), path).toEqual(ASKED_FOR_IT);
    const { value } = newSession(Date.now());
    expect(asked('/a/../api/items?x=%2e#y', { cookie: value })).toMatchObject({ url: '/api/items?x=%2e' });
    for (const path of ['*', 'http://desk.school/shelf', '/%', '/%ff', ''])
      expect(asked(path, { cookie: value }), path).toMatchObject(refused(400));
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
