import 'server-only';
import { z } from 'zod';
import { codeOf } from '@/core/document/keptPage';
import { handById } from '@/core/hands/registry';
import { type PageCode, PRINT_ID } from '@/core/page/pageCode';
import { Problem } from '@/core/problem/problem';
import type { Measuring } from '@/core/review/review';
import { NO_PRINT, type Review, reviewSchema } from '@/core/review/review';
import { sampleSchema } from '@/core/review/sampleAsked';
import type { Job } from '@/press/job';
import { PressRefusal, print } from '@/press/press';
import type { Looked } from '@/press/review/steps';
import type { Step } from '@/press/step';
import { asPicture, savePicture } from '@/store/pictures';
import { findPrinted, type PrintedPage } from '@/store/printedPages';
import { saveRecord } from '@/store/records';
import { Refusal } from './http';
import { log } from './log';

/** Largest picture that is sent, in bytes: fifty million pixels as a good JPEG. */
export const PICTURE_BODY = 40 * 1024 * 1024;

/** Corners are shares of the picture's sides; a little outside of it at most. */
const FARTHEST = 1.5;

/** x and y of four corners, clockwise from the upper left one, as shares of the picture's sides as it is turned. */
const cornersSchema = z
  .string()
  .transform((text): number[] => text.split(',').map(Number))
  .refine((all) => all.length === 8 && all.every((n) => Math.abs(n) <= FARTHEST), 'are eight numbers')
  .transform((n) => [0, 2, 4, 6].map((i) => [n[i] as number, n[i + 1] as number] as const));

/** What a picture is said to be of, where its code is not to be read: a page of a print, and the corners of its sheet. */
export const askedSchema = z.strictObject({
  print: z.string().regex(PRINT_ID, 'must be the id of a print').optional(),
  page: z.coerce.number().int().min(1).max(9999).default(1),
  corners: cornersSchema.optional(),
});
export type Asked = z.infer<typeof askedSchema>;

/** What writing without marks is said to be, and the corners of its block. */
export const sampleAskedSchema = sampleSchema.extend({ corners: cornersSchema });

/** What is said while a picture is measured, a line each. */
export type ReviewLine =
  | { readonly stage: Step['stage']; readonly done: number; readonly of: number }
  | { readonly kept: string; readonly note: string }
  | { readonly error: { readonly message: string; readonly field: string } };

const problem = (message: string) => new Problem('photo', message);

/** Runs a job and hands on its progress; answers all it brought. */
async function* run(job: Job, client: string, signal: AbortSignal): AsyncGenerator<ReviewLine, Uint8Array[]> {
  const { steps } = await print(job, client, signal);
  const brought: Uint8Array[] = [];
  for (let step = await steps.next(); !step.done; step = await steps.next()) {
    const { stage, done, of, bytes } = step.value;
    brought.push(...bytes);
    yield { stage, done, of };
  }
  return brought;
}

const parsed = <T>(bytes: Uint8Array | undefined): T => JSON.parse(Buffer.from(bytes ?? []).toString()) as T;

/** The page a code names, or that was chosen by hand. @throws Problem where this desk does not know it. */
async function pageOf(looked: Looked, asked: Asked): Promise<PrintedPage> {
  if (asked.print !== undefined) {
    const chosen = await findPrinted(asked.print, asked.page);
    if (!chosen) throw new Problem('print', 'This desk has printed no such page.');
    return chosen;
  }
  const { code, marks, rings } = looked;
  if (!marks) {
    throw problem(
      rings < 3
        ? 'No page with marks was found in the picture. Pages are found by the rings in their corners: print with review marks on, and have all of the page in the picture.'
        : `A corner of the page is out of the picture, or covered: ${rings} of its eight rings were seen, and at least six are needed, three of them in corners. Take all of the page, from above, with a little of the desk around it.`,
    );
  }
  if (!code) {
    throw problem(
      'The page was found, but its code could not be read: it is covered, blurred or too small. Go nearer, or choose the page from those printed.',
    );
  }
  const found = await findPrinted(code.id, code.page);
  if (!found) {
    throw problem(
      `This sheet (${code.id}, page ${code.page}) was not printed on this desk, or its backup is not here: what was due on it is not known. Restore the backup it is in, or print the page here.`,
    );
  }
  if (found.hash !== code.hash) {
    throw problem(`The page kept under ${code.id} is not the one in the picture; it cannot be measured.`);
  }
  return found;
}

/**
 * Measures a picture and keeps what was found: progress a line, then the id of the review. Everything that can be wrong with a
 * picture is said in a line, for the answer has begun by then.
 */
export async function* reviewLines(
  picture: Uint8Array,
  asked: Asked,
  client: string,
  signal: AbortSignal,
): AsyncGenerator<ReviewLine> {
  try {
    const looked = parsed<Looked>((yield* run({ kind: 'look', picture }, client, signal)).at(-1));
    const page = await pageOf(looked, asked);
    if (asked.print !== undefined && !asked.corners && !looked.marks) {
      throw problem('No marks were found. Show the four corners of the page in the picture.');
    }
    const code: PageCode = codeOf(page.print, page.kept);
    const [json, image] = yield* run(
      { kind: 'review', picture, page: page.kept, code, marks: looked.marks, corners: asked.corners },
      client,
      signal,
    );
    const { measuring, rings, bent, letters } = parsed<{
      measuring: Measuring;
      rings: number;
      bent: number;
      letters: string;
    }>(json);
    const id = await keep(image, {
      ...measuring,
      title: page.title,
      print: page.print,
      page: page.page,
      rings,
      bent,
      changed: !page.engine.endsWith(letters),
    });
    yield {
      kept: id,
      note: looked.another
        ? 'Another page lies in this picture too: only the larger was measured. Photograph the other by itself.'
        : '',
    };
  } catch (error) {
    yield* said(error, signal);
  }
}

/** Measures writing that carries no marks, and keeps what was found, as `reviewLines` does. */
export async function* sampleLines(
  picture: Uint8Array,
  { corners, ...asked }: z.infer<typeof sampleAskedSchema>,
  client: string,
  signal: AbortSignal,
): AsyncGenerator<ReviewLine> {
  try {
    const [json, image] = yield* run({ kind: 'sample', picture, corners, asked }, client, signal);
    const { measuring } = parsed<{ measuring: Measuring }>(json);
    const title = `A sample of ${handById(asked.hand).name}`;
    const id = await keep(image, {
      ...measuring,
      title,
      print: NO_PRINT,
      page: 1,
      rings: 0,
      bent: 0,
      changed: false,
    });
    yield { kept: id, note: '' };
  } catch (error) {
    yield* said(error, signal);
  }
}

/** Keeps a review with its picture; answers its id. */
async function keep(image: Uint8Array | undefined, review: Omit<Review, 'picture'>): Promise<string> {
  const picture = asPicture(image ?? new Uint8Array());
  await savePicture(picture, new Date());
  const id = `rev-${crypto.randomUUID()}`;
  const data = JSON.stringify(reviewSchema.parse({ ...review, picture: picture.id }));
  await saveRecord({ id, kind: 'review', data, at: new Date().toISOString() });
  return id;
}

/** What went wrong, in a line; nothing to a reader that has left. */
function* said(error: unknown, signal: AbortSignal): Generator<ReviewLine> {
  if (signal.aborted) return;
  if (error instanceof Problem) yield { error: { message: error.message, field: error.field } };
  else if (error instanceof Refusal || error instanceof PressRefusal)
    yield { error: { message: error.message, field: 'photo' } };
  else {
    log.error({ err: error }, 'a review broke off');
    yield {
      error: {
        message: 'Something went wrong while the picture was measured; nothing was kept.',
        field: 'photo',
      },
    };
  }
}

/** Lines as a stream; a reader that leaves ends the work. */
export function streamed(lines: AsyncGenerator<object>): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  return new ReadableStream({
    async pull(controller) {
      const { done, value } = await lines.next();
      if (done) controller.close();
      else controller.enqueue(encoder.encode(`${JSON.stringify(value)}\n`));
    },
    async cancel() {
      await lines.return(undefined);
    },
  });
}
