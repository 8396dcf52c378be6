import type { Session } from '@/core/log/session';
import { keyOf } from '@/core/study/unit';
import { wallClock } from './dates';
import { callUntilKept } from './patience';

/** Saves a session, repeated until the server has it; the id makes repeated requests idempotent. */
export const keepSession = (id: string, session: Session): Promise<unknown> =>
  callUntilKept(`/api/records/${id}`, { method: 'PUT', json: { kind: 'session', data: session } });

export const forgetRecord = (id: string): Promise<unknown> =>
  callUntilKept(`/api/records/${id}`, { method: 'DELETE' });

/** The session of a sitting has its own id, always the same. */
export const sessionIdOf = (sitting: string): string => sitting.replace(/^sit-/, 'ses-');

/** Assumed time for a page, in minutes, where none was recorded. */
const PAGE_MINUTES = 10;

/** Letters of a page written just now, without the runner: practised, and nobody said how it went. */
export const writtenNow = (hand: Session['hand'], letters: readonly string[]): Session => ({
  hand,
  began: wallClock(new Date(Date.now() - PAGE_MINUTES * 60_000)),
  ended: wallClock(),
  minutes: PAGE_MINUTES,
  units: letters.map((letter) => keyOf('letter', letter)),
  checks: [],
  wobbled: [],
  note: '',
  kit: {},
});
