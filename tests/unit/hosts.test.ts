import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { judge } from '@/guard/guard';

beforeEach(() => {
  vi.stubEnv('ELVANE_PASSPHRASE', 'four words or as much');
});
afterEach(() => vi.unstubAllEnvs());

/** What becomes of a request for the page that asks for the passphrase, by the Host it names. */
const asked = (host: string) => judge({ method: 'GET', url: '/enter', headers: { host } });

it.each(['Desk.Test', 'desk.test:8080', ' desk.test , other.test', 'DESK.TEST:8080'])(
  'a host named “%s” is answered to, by any case and port',
  (named) => {
    vi.stubEnv('ELVANE_HOSTS', named);
    for (const host of ['desk.test', 'desk.test:8080', 'DESK.test:3000', '127.0.0.1:3000', 'localhost'])
      expect(asked(host), host).toMatchObject({ kind: 'let in' });
    for (const host of ['elsewhere.test', 'desk.test.elsewhere', 'xdesk.test'])
      expect(asked(host), host).toMatchObject({ kind: 'refused', status: 421 });
  },
);
