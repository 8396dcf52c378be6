import { answer, clientOf, parse, readBytes } from '@/app/_lib/http';
import { askedSchema, PICTURE_BODY, reviewLines, streamed } from '@/app/_lib/review';

export const dynamic = 'force-dynamic';

/**
 * Measures a picture of a page that was printed here: `POST /api/review`, the body the picture's bytes (JPEG, PNG, WebP, TIFF,
 * HEIC, or a scan in a PDF). `print` and `page` name the page where its code cannot be read, `corners` (eight numbers) the corners of its
 * sheet where no marks can. The answer is a JSON object a line: `{stage, done, of}`, then `{kept}`, the id of the review, or
 * `{error: {message, field}}`. Closing the connection stops the work.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const asked = parse(askedSchema, Object.fromEntries(new URL(request.url).searchParams));
    const picture = await readBytes(request, PICTURE_BODY);
    return new Response(streamed(reviewLines(picture, asked, clientOf(request), request.signal)), {
      headers: { 'Content-Type': 'application/x-ndjson', 'Cache-Control': 'no-store' },
    });
  });
