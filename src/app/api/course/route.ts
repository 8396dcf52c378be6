import { z } from 'zod';
import { correctionFor, file, fileStem } from '@/app/_lib/files';
import { answer, COURSE_BODY, clientOf, parse, readJson } from '@/app/_lib/http';
import { ownLettersFor } from '@/app/_lib/ownLettersFor';
import { filePages, reportedPages } from '@/app/_lib/pages';
import { keeping, newPrintId } from '@/app/_lib/prints';
import { chosenWords } from '@/app/_lib/words';
import { parseRecipe } from '@/core/document/recipe';
import { loadScript } from '@/core/hands/scripts';
import { courseSchema, plannedSchema } from '@/core/practice/course/courseFormat';
import { handOf } from '@/core/setting/handOf';
import { checkGiven } from '@/core/sheet/checkGiven';
import { print } from '@/press/press';

export const dynamic = 'force-dynamic';

const bodySchema = z.strictObject({ recipe: z.unknown(), course: z.union([courseSchema, plannedSchema]) });

/**
 * "Teach me this hand" as one PDF: `POST /api/course`, body `{recipe, course: {sessions, minutes, largeFirst}}`; instead
 * of the options a course that is planned already, `{options, pages}`. With `progress=1` the answer is a JSON object a line: `{stage, done, of}` and `{chunk}`, the PDF in base64 parts. `printer`
 * as for `/api/render`. With `keep=0` its pages are not kept under a code, and cannot be reviewed. Closing the connection stops the work.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const body = parse(bodySchema, await readJson(request, COURSE_BODY));
    const recipe = parseRecipe(body.recipe);
    checkGiven(recipe);
    await loadScript(recipe.hand);
    const own = await ownLettersFor(recipe.hand, query);
    const { words } = await chosenWords(recipe.wordList);
    const title = recipe.title || `A course in ${handOf(recipe).name}`;
    const correction = await correctionFor(query.get('printer'));
    const pdf = { correction, created: new Date() };
    const { steps } = await print(
      {
        kind: 'course',
        recipe,
        course: body.course,
        own,
        words,
        title,
        pdf,
        ...(query.get('keep') !== '0' && { id: newPrintId() }),
      },
      clientOf(request),
      request.signal,
    );
    if (query.get('progress') === '1') {
      return new Response(reportedPages(keeping(steps)), {
        headers: { 'Content-Type': 'application/x-ndjson', 'Cache-Control': 'no-store' },
      });
    }
    return file(filePages(keeping(steps)), 'application/pdf', `${fileStem(title)}-course.pdf`);
  });
