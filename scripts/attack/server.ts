import { type ChildProcess, spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';

/** The longest a server may take to answer for the first time, in ms. */
const PATIENCE = 60_000;
const EVERY = 40;

export const later = (ms: number) => new Promise<void>((done) => setTimeout(done, ms));

/** A built server under attack. */
export interface Server {
  readonly base: string;
  readonly pid: number;
  /** Ends it, and waits until it is gone. */
  readonly end: (signal: NodeJS.Signals) => Promise<void>;
}

export interface ServerOptions {
  readonly port: number;
  readonly env: Readonly<Record<string, string>>;
  /** Module read before anything else. */
  readonly preload?: string;
  /** What counts as up: ready to keep things, or only answering. */
  readonly until?: '/api/health' | '/api/health/live';
}

const children = new Set<ChildProcess>();
// Whatever ends the attack ends its servers as well.
process.once('exit', () => {
  for (const child of children) child.kill('SIGKILL');
});

/** Keeps a process from outliving this one. */
export function ours(child: ChildProcess): ChildProcess {
  children.add(child);
  child.once('exit', () => children.delete(child));
  return child;
}

/** Starts the built server; answers when it answers. @throws when it ends instead, with what it said. */
export async function serve({ port, env, preload, until = '/api/health' }: ServerOptions): Promise<Server> {
  const child = ours(
    spawn(process.execPath, [...(preload ? ['--import', preload] : []), 'scripts/start.mjs'], {
      // As `npm start` does: threads that share what they allocate give it back sooner.
      env: { ...process.env, MALLOC_ARENA_MAX: '2', PORT: String(port), ELVANE_LOG_LEVEL: 'error', ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    }),
  );
  let said = '';
  child.stdout?.on('data', (part) => {
    said = `${said}${part}`.slice(-4000);
  });
  child.stderr?.on('data', (part) => {
    said = `${said}${part}`.slice(-4000);
  });
  const base = `http://127.0.0.1:${port}`;
  const gone = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  for (const began = Date.now(); Date.now() - began < PATIENCE; await later(EVERY)) {
    if (child.exitCode !== null) throw new Error(`The server ended with ${child.exitCode}: ${said}`);
    if ((await statusOf(`${base}${until}`)) === 200) {
      return {
        base,
        pid: child.pid as number,
        end: (signal) => {
          child.kill(signal);
          return gone;
        },
      };
    }
  }
  throw new Error(`The server did not answer: ${said}`);
}

/** The status an address answers; 0 where it does not. */
export const statusOf = (url: string): Promise<number> =>
  fetch(url).then(
    ({ status }) => status,
    () => 0,
  );

/** A JSON body sent; its status and what was said, status 0 where nothing was. */
export const send = (
  method: string,
  url: string,
  body: unknown,
): Promise<{ readonly status: number; readonly message: string }> =>
  fetch(url, {
    method,
    // A connection of its own: one kept from before may be closed at the very moment it is used again.
    headers: { 'Content-Type': 'application/json', Connection: 'close' },
    body: JSON.stringify(body),
  }).then(
    async (answer) => ({
      status: answer.status,
      message: String((await answer.json().catch(() => ({})))?.error?.message ?? ''),
    }),
    () => ({ status: 0, message: '' }),
  );

/** Resident memory of a process, in MB. */
export const memoryOf = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/** The value under which a share of sorted values lies. */
export const quantile = (sorted: readonly number[], share: number): number =>
  sorted[Math.floor(share * (sorted.length - 1))] ?? 0;
