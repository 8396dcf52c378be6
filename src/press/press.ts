import 'server-only';
import { join } from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import Piscina from 'piscina';
import { Problem } from '@/core/problem/problem';
import { watchGrowth } from './growth';
import type { Job } from './job';
import type { Said, Told } from './message';
import type { Step } from './step';

/** Threads that make files, while the server's own goes on answering. */
const THREADS = 2;
/** The threads of the press give way to the server's own where processors are short: the share of a `nice` of ten is a tenth of it. */
const GIVE_WAY = 10;
/** Maximum number of waiting files, and of files in progress per client; a scribe asks for one at a time. */
const MOST_WAITING = 40;
const MOST_OF_ONE_CLIENT = 12;
/** Maximum time without progress, in ms: for one step, or until the reader takes what is made. */
const LONGEST_STEP = 60_000;
/** Maximum duration of a whole file, in ms. */
const LONGEST = 600_000;
/** Time that a thread has to finish its step after its reader has left, in ms. */
const GRACE = 1000;
/**
 * Maximum growth of memory, in bytes, while a picture is read, since the unpacked size of a foreign file cannot be foreseen. Two
 * photographs of fifty million pixels at once take half of it.
 */
const MOST_GROWTH = 1_500_000_000;
const READS_PICTURES: ReadonlySet<Job['kind']> = new Set(['look', 'review', 'sample']);
/** Idle time, in ms, after which a thread is ended and its memory released. */
const IDLE = 60_000;

/** The press cannot take a job now, or has given one up; `why` is a plain sentence. */
export class PressRefusal extends Error {
  constructor(
    readonly why: 'full' | 'too many' | 'too long' | 'too large' | 'left',
    message: string,
  ) {
    super(message);
  }
}

interface Press {
  readonly pool: Piscina;
  /** Files under way or waiting, by client. */
  readonly clients: Map<string, number>;
}

// Kept on globalThis: the framework may load this module more than once in a process.
const holder = globalThis as { elvanePress?: Press };

function press(): Press {
  holder.elvanePress ??= {
    pool: new Piscina({
      filename: join(/* turbopackIgnore: true */ process.cwd(), '.next', 'press', 'worker.mjs'),
      minThreads: 0,
      maxThreads: THREADS,
      idleTimeout: IDLE,
      niceIncrement: GIVE_WAY,
      // A thread that blocks between tasks never releases the pixels of the previous task.
      atomics: 'disabled',
    }),
    clients: new Map(),
  };
  return holder.elvanePress;
}

/** Number of files waiting for a thread. */
export const queueNow = (): { readonly waiting: number } => ({
  waiting: holder.elvanePress?.pool.queueSize ?? 0,
});

/** A file in the making in a thread; a reader that leaves early calls `return` on its steps. */
export interface Printed {
  readonly title: string;
  readonly pages: number;
  /** Words that find no room on it; empty where all do. */
  readonly leftOut: string;
  readonly steps: AsyncIterator<Step, void, void>;
}

/** Registers a client's job; returns a function that removes it. */
function counted(client: string): () => void {
  const { clients } = press();
  // Counted here, and not by the pool, which lets jobs with a signal past its own limit.
  const all = [...clients.values()].reduce((sum, jobs) => sum + jobs, 0);
  if (all >= THREADS + MOST_WAITING) {
    throw new PressRefusal('full', 'Many files are being made already; try again in a moment.');
  }
  const has = clients.get(client) ?? 0;
  if (has >= MOST_OF_ONE_CLIENT) {
    throw new PressRefusal('too many', `${has} of your files are being made already; wait for one of them.`);
  }
  clients.set(client, has + 1);
  return () => {
    const left = (clients.get(client) ?? 1) - 1;
    if (left > 0) clients.set(client, left);
    else clients.delete(client);
  };
}

/**
 * Has a file made in a thread of the press, one after the other. Answers when it has begun: what cannot be done is refused
 * before anything is sent. Given up when `reader` leaves, or nothing happens for `LONGEST_STEP`.
 * @throws Problem where the job cannot be done, PressRefusal where the press cannot take it.
 */
export async function print(job: Job, client: string, reader: AbortSignal): Promise<Printed> {
  const strikeOff = counted(client);
  const { port1: port, port2 } = new MessageChannel();
  const ending = new AbortController();
  let refusal: PressRefusal | undefined;
  const giveUp = (why: PressRefusal) => {
    refusal ??= why;
    ending.abort();
  };
  const tooLong = () =>
    giveUp(
      new PressRefusal('too long', 'The file takes too long; take a lower resolution, or less at once.'),
    );
  const whole = setTimeout(tooLong, LONGEST);
  let patience: NodeJS.Timeout | undefined;
  const patient = () => {
    clearTimeout(patience);
    patience = setTimeout(tooLong, LONGEST_STEP);
  };
  let unwatch: () => void = () => undefined;
  const tooLarge = () =>
    giveUp(
      new PressRefusal(
        'too large',
        'This file unpacks to more than can be read here. Scan or photograph the page again, as one JPEG or PNG.',
      ),
    );
  const heard = new Inbox<Said>();
  port.on('message', (said: Said) => {
    patient();
    if (said.said !== 'taken up') heard.put(said);
    else if (READS_PICTURES.has(job.kind)) unwatch = watchGrowth(MOST_GROWTH, tooLarge);
  });

  let begun = false;
  const leave = () => {
    if (begun) port.postMessage('stop' satisfies Told);
    const end = () => giveUp(new PressRefusal('left', 'Nobody waits for this file any more.'));
    if (begun) setTimeout(end, GRACE).unref();
    else end();
  };
  reader.addEventListener('abort', leave, { once: true });

  const run = press().pool.run({ job, port: port2 }, { transferList: [port2], signal: ending.signal });
  const over = run
    .catch((error: unknown) => {
      if (refusal) throw refusal;
      throw error;
    })
    .finally(() => {
      clearTimeout(whole);
      clearTimeout(patience);
      unwatch();
      reader.removeEventListener('abort', leave);
      strikeOff();
    });
  over.catch((error: unknown) => {
    heard.fail(error);
    port.close();
  });
  // The thread closes its port after its last message, and the close event arrives after all messages.
  port.on('close', () => void over.then(() => heard.close()).catch(() => undefined));
  if (reader.aborted) leave();

  const first = await heard.next();
  if (first?.said === 'problem') throw new Problem(first.field, first.message, first.offers);
  if (first?.said !== 'begun') throw new Error('The press ended without a word.');
  begun = true;
  return {
    title: first.title,
    pages: first.pages,
    leftOut: first.leftOut ?? '',
    steps: {
      async next() {
        patient();
        port.postMessage('more' satisfies Told);
        const said = await heard.next();
        if (said?.said === 'problem') throw new Problem(said.field, said.message, said.offers);
        return said?.said === 'step' ? { done: false, value: said.step } : { done: true, value: undefined };
      },
      async return() {
        leave();
        return { done: true, value: undefined };
      },
    },
  };
}

interface Waiting<T> {
  readonly resolve: (message: T | undefined) => void;
  readonly reject: (error: unknown) => void;
}

/** A queue of messages with an awaitable `next`. */
class Inbox<T> {
  private readonly held: T[] = [];
  private readonly waiting: Waiting<T>[] = [];
  private ended: { readonly error?: unknown } | undefined;

  put(message: T): void {
    const first = this.waiting.shift();
    if (first) first.resolve(message);
    else this.held.push(message);
  }

  close(): void {
    this.ended ??= {};
    for (const { resolve } of this.waiting.splice(0)) resolve(undefined);
  }

  fail(error: unknown): void {
    this.ended ??= { error };
    for (const { reject } of this.waiting.splice(0)) reject(error);
  }

  /** The next message; undefined when there will be none. */
  async next(): Promise<T | undefined> {
    const first = this.held.shift();
    if (first !== undefined) return first;
    if (this.ended) {
      if ('error' in this.ended) throw this.ended.error;
      return undefined;
    }
    return new Promise((resolve, reject) => {
      this.waiting.push({ resolve, reject });
    });
  }
}
