import 'server-only';
import { z } from 'zod';
import { codeOf } from '@/core/document/keptPage';
import { handById } from '@/core/hands/registry';
import { listed } from '@/core/measure/words';
import { type PageCode, PRINT_ID } from '@/core/page/pageCode';
import { Problem } from '@/core/problem/problem';
import type { Measuring } from '@/core/review/review';
import { NO_PRINT, type Review, reviewSchema } from '@/core/review/review';
import { sampleSchema } from '@/core/review/sampleAsked';
import type { Job, ReviewJob } from '@/press/job';
import { PressRefusal, print } from '@/press/press';
import type { Looked, LookedPage } from '@/press/review/steps';
import type { Step } from '@/press/step';
import { asPicture, savePicture } from '@/store/pictures';
import { findPrinted, type PrintedPage } from '@/store/printedPages';
import { saveRecord } from '@/store/records';
import { Refusal } from './http';
import { log } from './log';

/** Largest picture that is sent, in bytes: fifty million pixels as a good JPEG. */
export const PICTURE_BODY = 40 * 1024 * 1024;

/** Maximum absolute coordinate of a corner, as a fraction of the picture's side: corners may lie somewhat outside the picture. */
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

/** Progress messages while a picture is measured, one per line. */
export type ReviewLine =
  | { readonly stage: Step['stage']; readonly done: number; readonly of: number }
  | { readonly kept: string; readonly note: string }
  | { readonly error: { readonly message: string; readonly field: string } };

const problem = (message: string) => new Problem('photo', message);

/** Runs a job and passes its progress on; returns its result. */
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

/** The page that was chosen by hand. @throws Problem where this desk does not know it. */
async function pageChosen(print: string, page: number): Promise<PrintedPage> {
  const chosen = await findPrinted(print, page);
  if (!chosen) throw new Problem('print', 'No such page was printed at this desk.');
  return chosen;
}

/** Why a picture has no page in it that could be read. */
const noPage = ({ rings }: Looked): Problem =>
  problem(
    rings < 3
      ? 'No page with marks was found in the picture. Pages are found by the rings in their corners: print with review marks on, and have all of the page in the picture.'
      : `A corner of the page is out of the picture, or covered: ${rings} of its eight rings were seen, and at least six are needed, three of them in corners. Take all of the page, from above, with a little of the desk around it.`,
  );

/** The page a code names. @throws Problem where it could not be read, or this desk does not know it. */
async function pageNamed({ code }: LookedPage): Promise<PrintedPage> {
  if (!code) {
    throw problem(
      'The page was found, but its code could not be read: it is covered, blurred or too small. Go nearer, or choose the page from the printed ones.',
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

/** A page to be measured, and where it lies in the picture. */
interface Seen extends Pick<ReviewJob, 'marks' | 'corners'> {
  readonly page: PrintedPage;
}

/** Measures a page of a picture and keeps a review for every pen that wrote on it; answers them, the pen that wrote most first. */
async function* measured(
  picture: Uint8Array,
  { page, marks, corners }: Seen,
  client: string,
  signal: AbortSignal,
): AsyncGenerator<ReviewLine, readonly { readonly id: string; readonly title: string }[]> {
  const code: PageCode = codeOf(page.print, page.kept);
  const job = { kind: 'review', picture, page: page.kept, code, marks, corners } as const;
  const [json, image] = yield* run(job, client, signal);
  const found = parsed<{
    measured: readonly Measuring[];
    rings: number;
    bent: number;
    letters: string;
  }>(json);
  const kept: { id: string; title: string }[] = [];
  for (const measuring of found.measured) {
    const id = await keep(image, {
      ...measuring,
      title: found.measured.length > 1 ? `${page.title}, ${measuring.title}`.slice(0, 200) : page.title,
      print: page.print,
      page: page.page,
      rings: found.rings,
      bent: found.bent,
      changed: !page.engine.endsWith(found.letters),
    });
    kept.push({ id, title: measuring.title });
  }
  return kept;
}

/** Note on the other pens of a page. */
const ofOtherPens = (titles: readonly string[]): string[] =>
  titles.length === 0
    ? []
    : [
        `This is the pen that wrote most; ${listed(titles)} ${titles.length === 1 ? 'has a review of its own' : 'have a review each'}.`,
      ];

/** Every other page of a picture: measured as well, or why not. */
async function* others(
  picture: Uint8Array,
  pages: readonly LookedPage[],
  client: string,
  signal: AbortSignal,
): AsyncGenerator<ReviewLine, string[]> {
  const notes: string[] = [];
  for (const seen of pages) {
    try {
      const page = await pageNamed(seen);
      yield* measured(picture, { page, marks: seen.marks, corners: undefined }, client, signal);
      notes.push(`The other page in this picture, “${page.title}”, has a review of its own.`);
    } catch (error) {
      // Reviews of the pages before are kept; for this page only the reason is given.
      if (!(error instanceof Problem || error instanceof PressRefusal)) throw error;
      notes.push(`Another page in this picture was not measured. ${error.message}`);
    }
  }
  return notes;
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
    const first = looked.pages.find(({ code }) => code) ?? looked.pages[0];
    const chosen = asked.print === undefined ? undefined : await pageChosen(asked.print, asked.page);
    const page = chosen ?? (first && (await pageNamed(first)));
    if (!page) throw noPage(looked);
    if (!asked.corners && !first) {
      throw problem('No marks were found. Mark the four corners of the page in the picture.');
    }
    const seen = { page, marks: first?.marks, corners: asked.corners };
    const [main, ...pens] = yield* measured(picture, seen, client, signal);
    const rest = chosen ? [] : looked.pages.filter((one) => one !== first);
    const notes = [
      ...ofOtherPens(pens.map(({ title }) => title)),
      ...(yield* others(picture, rest, client, signal)),
    ];
    yield { kept: main?.id ?? '', note: notes.join(' ') };
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

/** The failure as one line; nothing for a reader that has left. */
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
