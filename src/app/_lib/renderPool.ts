import 'server-only';
import { join } from 'node:path';
import Piscina from 'piscina';
import type { Drawing } from '@/core/drawing/drawing';
import { pngTask } from '@/render/png';
import { Refusal } from './http';

/** One thread draws while the server goes on answering: of two cores it has one. */
const THREADS = 1;
/** Pictures that may wait; a scribe asks for one at a time. */
const MOST_WAITING = 20;
/** Longest a picture may take, in ms: ten A3 at 600 dpi are far under it. */
const LONGEST = 60_000;
/** A thread without work is ended after this, in ms, and its memory given back. */
const IDLE = 10_000;

const BUSY = 503;

// Kept on globalThis: the framework may load this module more than once in a process.
const holder = globalThis as { elvanePool?: Piscina };

function pool(): Piscina {
  holder.elvanePool ??= new Piscina({
    filename: join(/* turbopackIgnore: true */ process.cwd(), 'src', 'render', 'pngWorker.mjs'),
    minThreads: 0,
    maxThreads: THREADS,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE,
    // A thread that sleeps between tasks, blocked, never gives back the pixels of the one before.
    atomics: 'disabled',
  });
  return holder.elvanePool;
}

/** What is being drawn, and what waits. */
export const queueNow = (): { readonly waiting: number } => ({ waiting: holder.elvanePool?.queueSize ?? 0 });

/**
 * A drawing as a PNG, made off the server's own thread, one after the other; given up when its reader leaves.
 * @throws Refusal 503 when too many wait already, or it takes too long.
 */
export async function drawPng(drawing: Drawing, dpi: number, reader: AbortSignal): Promise<Buffer> {
  const tooLong = AbortSignal.timeout(LONGEST);
  try {
    const bytes: Uint8Array = await pool().run(pngTask(drawing, dpi), {
      signal: AbortSignal.any([reader, tooLong]),
    });
    return Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  } catch (error) {
    if (tooLong.aborted)
      throw new Refusal(BUSY, 'The picture takes too long; take a lower resolution or a PDF.');
    if (reader.aborted) throw new Refusal(BUSY, 'Nobody waits for this picture any more.');
    if (error instanceof Error && /queue/i.test(error.message)) {
      throw new Refusal(BUSY, `${MOST_WAITING} pictures are being drawn already; try again in a moment.`);
    }
    throw error;
  }
}
