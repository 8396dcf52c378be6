import { z } from 'zod';
import { correctionFor, FILE_TYPES, file } from '@/app/_lib/files';
import { answer, clientOf, ITEMS_BODY, parse, readJson } from '@/app/_lib/http';
import { filePages, reportedPages } from '@/app/_lib/pages';
import { keeping, newPrintId } from '@/app/_lib/prints';
import { chosenWords } from '@/app/_lib/words';
import { studentsSchema } from '@/core/classroom/student';
import { courseSchema } from '@/core/practice/course/courseFormat';
import { BUNDLED } from '@/core/practice/words/wordList';
import { wordListId } from '@/core/practice/words/wordListFormat';
import { print } from '@/press/press';

export const dynamic = 'force-dynamic';

/** Maximum number of copies of each page. */
const MOST_COPIES = 10;

const bodySchema = z.strictObject({
  students: studentsSchema.min(1, { error: () => 'Put at least one name on the list.' }),
  handout: z.union([z.literal('page'), courseSchema]),
  copies: z.int().min(1, 'is at least 1').max(MOST_COPIES, `is at most ${MOST_COPIES}`).default(1),
  wordList: wordListId.default(BUNDLED),
});

const formatSchema = z.enum(['pdf', 'zip'], { error: () => 'must be pdf or zip' });

/**
 * Pages for everybody of a class: `POST /api/class?format=pdf|zip`, body `{students, handout, copies, wordList}`; a handout is `page`, the next
 * ten-minute page of each, or the options of a pack. `progress=1` as for `/api/course`; `printer` as for `/api/render`.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const { students, handout, copies, wordList } = parse(bodySchema, await readJson(request, ITEMS_BODY));
    const { words } = await chosenWords(wordList);
    const pdf = { correction: await correctionFor(query.get('printer')), created: new Date() };
    const format = parse(formatSchema, query.get('format') ?? 'pdf');
    const ids = Array.from({ length: students.length * copies }, newPrintId);
    const job = { kind: 'class', as: format, students, handout, copies, words, pdf, ids } as const;
    const { steps } = await print(job, clientOf(request), request.signal);
    return query.get('progress') === '1'
      ? new Response(reportedPages(keeping(steps)), {
          headers: { 'Content-Type': 'application/x-ndjson', 'Cache-Control': 'no-store' },
        })
      : file(
          filePages(keeping(steps)),
          format === 'zip' ? 'application/zip' : FILE_TYPES.pdf,
          `class.${format}`,
        );
  });
