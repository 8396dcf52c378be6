import 'server-only';
import { z } from 'zod';
import { codeOf } from '@/core/document/keptPage';
import { type PageCode, PRINT_ID } from '@/core/page/pageCode';
import { Problem } from '@/core/problem/problem';
import { type Review, reviewSchema } from '@/core/review/review';
import type { Measuring } from '@/core/review/reviewPage';
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

/** What a picture is said to be of, where its code is not to be read: a page of a print, and the corners of its sheet. */
export const askedSchema = z.strictObject({
  print: z.string().regex(PRINT_ID, 'must be the id of a print').optional(),
  page: z.coerce.number().int().min(1).max(9999).default(1),
  /** x and y of the four corners, clockwise from the upper left one, as shares of the picture's sides as it is turned. */
  corners: z
    .string()
    .transform((text): number[] => text.split(',').map(Number))
    .refine((all) => all.length === 8 && all.every((n) => Math.abs(n) <= FARTHEST), 'are eight numbers')
    .transform((n) => [0, 2, 4, 6].map((i) => [n[i] as number, n[i + 1] as number] as const))
    .optional(),
});
export type Asked = z.infer<typeof askedSchema>;

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
    const kept = asPicture(image ?? new Uint8Array());
    await savePicture(kept, new Date());
    const review: Review = reviewSchema.parse({
      ...measuring,
      title: page.title,
      print: page.print,
      page: page.page,
      picture: kept.id,
      rings,
      bent,
      changed: !page.engine.endsWith(letters),
    });
    const id = `rev-${crypto.randomUUID()}`;
    await saveRecord({ id, kind: 'review', data: JSON.stringify(review), at: new Date().toISOString() });
    yield {
      kept: id,
      note: looked.another
        ? 'Another page lies in this picture too: only the larger was measured. Photograph the other by itself.'
        : '',
    };
  } catch (error) {
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
