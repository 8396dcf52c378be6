import { answer, readBytes, reply } from '@/app/_lib/http';
import { PICTURE_BYTES } from '@/core/picture/picture';
import { asPicture, savePicture } from '@/store/pictures';

/** Keeps a picture, sent as its bytes; answers its id. What it is, its content tells. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const picture = asPicture(await readBytes(request, PICTURE_BYTES));
    await savePicture(picture, new Date());
    return reply('POST /api/pictures', { id: picture.id });
  });
