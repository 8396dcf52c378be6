import { z } from 'zod';
import { file } from '@/app/_lib/files';
import { answer, clientOf, parse, RECIPE_BODY, Refusal, readJson } from '@/app/_lib/http';
import { wholeFile } from '@/app/_lib/pages';
import { cameraSchema, habitsFor, shotFor } from '@/core/camera/settings';
import { codeOf, dueOn, handsOn, sizeOf } from '@/core/document/keptPage';
import { loadScript } from '@/core/hands/scripts';
import { PRINT_ID } from '@/core/page/pageCode';
import { print } from '@/press/press';
import { findPrinted } from '@/store/printedPages';

export const dynamic = 'force-dynamic';

const bodySchema = z.strictObject({
  print: z.string().regex(PRINT_ID, 'must be the id of a print'),
  page: z.int().min(1).max(9999),
  camera: cameraSchema,
});

/**
 * The simulated camera: `POST /api/review/camera`, body `{print, page, camera}`. A made-up hand writes on a page that was printed
 * here, and a made-up camera takes it; the answer is a JPEG, as from a phone or a scanner.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const { print: id, page, camera } = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const printed = await findPrinted(id, page);
    if (!printed) throw new Refusal(404, 'This desk has printed no such page.');
    const { kept } = printed;
    await Promise.all(handsOn(kept).map(loadScript));
    const texts = (dueOn(kept) ?? []).map(({ due }) => due.figure.text);
    const { steps } = await print(
      {
        kind: 'camera',
        page: kept,
        code: codeOf(id, kept),
        habits: habitsFor(camera, texts),
        shot: shotFor(camera, sizeOf(kept)),
      },
      clientOf(request),
      request.signal,
    );
    return file(await wholeFile(steps), 'image/jpeg', `page-${id}-${page}.jpg`);
  });
