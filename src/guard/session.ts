import { createHmac, scryptSync, timingSafeEqual } from 'node:crypto';

/** The cookie of somebody who has said the passphrase. */
export const SESSION_COOKIE = 'elvane-session';
/** A session lasts a term's worth of lessons, in ms: thirty days. */
const LASTS = 30 * 24 * 60 * 60 * 1000;
/** Minimum length of a passphrase: about four words. */
const SHORTEST = 12;

/** Maximum number of wrong passphrases a minute, from all clients together: at that rate a dictionary attack gets nowhere. */
const MOST_WRONG = 10;
const MINUTE = 60_000;

const KEY_BYTES = 32;
const SALT = 'elvane session';

/** Whether this server is meant for other machines than this one. */
export const isShared = (): boolean => (process.env.ELVANE_HOSTS ?? '').trim() !== '';

/** Reason why a shared server must not start; undefined where it may. */
export function notSafelyShared(): string | undefined {
  if (!isShared() || (process.env.ELVANE_PASSPHRASE ?? '').length >= SHORTEST) return undefined;
  return `ELVANE_HOSTS lets others in: set ELVANE_PASSPHRASE to at least ${SHORTEST} characters, which everybody is asked for.`;
}

let known: { readonly phrase: string; readonly key: Buffer } | undefined;

/** Key derived from the passphrase by a slow function, once. */
function key(): Buffer {
  const phrase = process.env.ELVANE_PASSPHRASE ?? '';
  if (known?.phrase !== phrase) known = { phrase, key: scryptSync(phrase, SALT, KEY_BYTES) };
  return known.key;
}

const same = (one: string, other: string): boolean => {
  const [a, b] = [one, other].map((text) => createHmac('sha256', key()).update(text).digest());
  return timingSafeEqual(a as Buffer, b as Buffer);
};

const signed = (expires: string): string => createHmac('sha256', key()).update(expires).digest('base64url');

/** A new session, as the value of its cookie. */
export function newSession(now: number): { readonly value: string; readonly seconds: number } {
  const expires = String(now + LASTS);
  return { value: `${expires}.${signed(expires)}`, seconds: LASTS / 1000 };
}

/** Whether this is a valid session that has not expired. */
export function isSession(value: string | undefined, now: number): boolean {
  const [expires, signature] = (value ?? '').split('.');
  return (
    expires !== undefined &&
    signature !== undefined &&
    Number(expires) > now &&
    same(signature, signed(expires))
  );
}

let wrong: number[] = [];

/** Result of entering a passphrase. */
export function enter(phrase: string, now: number): 'in' | 'wrong' | 'wait' {
  wrong = wrong.filter((at) => now - at < MINUTE);
  if (wrong.length >= MOST_WRONG) return 'wait';
  if (notSafelyShared() === undefined && same(phrase, process.env.ELVANE_PASSPHRASE ?? '')) return 'in';
  wrong.push(now);
  return 'wrong';
}
