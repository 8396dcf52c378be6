import 'server-only';
import { log } from './log';

/** A step of making a file of many pages: how far it is, and what of the file is ready. */
export interface Step {
  readonly stage: 'planning' | 'drawing';
  readonly done: number;
  readonly of: number;
  readonly bytes: readonly Buffer[];
}

/** Lets whatever else waits have its turn, a cancelled request above all. */
const turn = () => new Promise<void>((resolve) => setImmediate(resolve));

/**
 * A stream that takes a step only when its reader wants more, so that no more than a page is ever held; a reader that
 * goes away stops the work.
 */
function streamOf(
  steps: Iterator<Step>,
  first: IteratorResult<Step>,
  write: (step: Step) => Iterable<Uint8Array>,
): ReadableStream<Uint8Array> {
  let next: IteratorResult<Step> | undefined = first;
  let gone = false;
  return new ReadableStream({
    async pull(controller) {
      try {
        let wrote = false;
        while (!wrote) {
          await turn();
          if (gone) return;
          const { done, value } = next ?? steps.next();
          next = undefined;
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
    cancel() {
      gone = true;
      steps.return?.();
    },
  });
}

/**
 * The file as it grows. The first step is taken at once, so that what cannot be done at all is refused in plain words
 * before anything is sent.
 */
export function filePages(steps: Iterator<Step>): ReadableStream<Uint8Array> {
  return streamOf(steps, steps.next(), ({ bytes }) => bytes.map((part) => new Uint8Array(part)));
}

/** The same with its progress: a JSON object a line, `{stage, done, of}` for every step and `{chunk}` in base64. */
export function reportedPages(steps: Iterator<Step>): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  return streamOf(steps, steps.next(), ({ stage, done, of, bytes }) => {
    const lines: object[] = [{ stage, done, of }];
    if (bytes.length > 0) lines.push({ chunk: Buffer.concat(bytes).toString('base64') });
    return lines.map((line) => encoder.encode(`${JSON.stringify(line)}\n`));
  });
}
