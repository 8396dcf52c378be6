import { z } from 'zod';
import { simulatedPhoto } from '@/app/_lib/camera';
import { file } from '@/app/_lib/files';
import { answer, clientOf, parse, RECIPE_BODY, readJson } from '@/app/_lib/http';
import { cameraSchema } from '@/core/camera/settings';
import { PRINT_ID } from '@/core/page/pageCode';

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
    const asked = parse(bodySchema, await readJson(request, RECIPE_BODY));
    const photo = await simulatedPhoto(asked, clientOf(request), request.signal);
    return file(photo, 'image/jpeg', `page-${asked.print}-${asked.page}.jpg`);
  });
