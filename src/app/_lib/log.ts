import 'server-only';
import pino from 'pino';

/** Structured logs, a JSON object a line on standard output. Never log a request's body, a token or a cookie. */
export const log = pino({ name: 'elvane', level: process.env.ELVANE_LOG_LEVEL ?? 'info' });
