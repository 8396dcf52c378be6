import { answer, clientOf, parse, readBytes } from '@/app/_lib/http';
import { PICTURE_BODY, sampleAskedSchema, sampleLines, streamed } from '@/app/_lib/review';

export const dynamic = 'force-dynamic';

/**
 * Measures writing that was not printed here and carries no marks: `POST /api/review/sample`, the body a picture. `corners` (eight numbers)
 * are those of a block of rows, from the waistline of the first to the baseline of the last; `hand`, `nib`, `body`, `rows`, `pitch` (mm) and
 * `text` say what it is. Answers as `POST /api/review` does.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const asked = parse(sampleAskedSchema, Object.fromEntries(new URL(request.url).searchParams));
    const picture = await readBytes(request, PICTURE_BODY);
    return new Response(streamed(sampleLines(picture, asked, clientOf(request), request.signal)), {
      headers: { 'Content-Type': 'application/x-ndjson', 'Cache-Control': 'no-store' },
    });
  });
