import 'server-only';
import type { Step } from '@/press/step';
import { log } from './log';

/** A file in the making, a step at a time; a reader that leaves calls `return`. */
export type Steps = AsyncIterator<Step, void, void>;

/** Buffer, in bytes, for a file that is made faster than it is read: the thread is free sooner. */
const HELD = 4 * 1024 * 1024;

/** A stream of the bytes of steps; cancelling it stops the work. */
function streamOf(steps: Steps, write: (step: Step) => Iterable<Uint8Array>): ReadableStream<Uint8Array> {
  return new ReadableStream(
    {
      async pull(controller) {
        try {
          for (let wrote = false; !wrote; ) {
            const { done, value } = await steps.next();
            if (done) return controller.close();
            for (const bytes of write(value)) {
              controller.enqueue(bytes);
              wrote = true;
            }
          }
        } catch (error) {
          log.error({ err: error }, 'a file broke off');
          controller.error(error);
        }
      },
      async cancel() {
        await steps.return?.();
      },
    },
    { highWaterMark: HELD, size: ({ byteLength }) => byteLength },
  );
}

/** The file as a stream. */
export const filePages = (steps: Steps): ReadableStream<Uint8Array> => streamOf(steps, ({ bytes }) => bytes);

/** The file with its progress: a JSON object per line, `{stage, done, of}` for every step and `{chunk}` in base64. */
export function reportedPages(steps: Steps): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  return streamOf(steps, ({ stage, done, of, bytes }) => {
    const lines: object[] = [{ stage, done, of }];
    if (bytes.length > 0) lines.push({ chunk: Buffer.concat(bytes).toString('base64') });
    return lines.map((line) => encoder.encode(`${JSON.stringify(line)}\n`));
  });
}

/** A small file, collected whole. */
export async function wholeFile(steps: Steps): Promise<Buffer> {
  const parts: Uint8Array[] = [];
  for (let step = await steps.next(); !step.done; step = await steps.next()) parts.push(...step.value.bytes);
  return Buffer.concat(parts);
}
