import type { Session } from '@/core/log/session';
import { callUntilKept } from '../lib/patience';

/** Keeps a session, sent again until the server has it; the same id is the same session however often it is sent. */
export const keepSession = (id: string, session: Session): Promise<unknown> =>
  callUntilKept(`/api/records/${id}`, { method: 'PUT', json: { kind: 'session', data: session } });

export const forgetRecord = (id: string): Promise<unknown> =>
  callUntilKept(`/api/records/${id}`, { method: 'DELETE' });

/** The session of a sitting has its own id, always the same. */
export const sessionIdOf = (sitting: string): string => sitting.replace(/^sit-/, 'ses-');
