import { z } from 'zod';
import { answer, parse, Refusal } from '@/app/_lib/http';
import { PICTURE_ID } from '@/core/picture/picture';
import { findPicture } from '@/store/pictures';

type Context = { params: Promise<{ id: string }> };

const idSchema = z.string().regex(PICTURE_ID, 'must be the id of a picture');

/** A picture. Its id is made from its content, so it never changes. */
export const GET = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const picture = await findPicture(parse(idSchema, (await params).id));
    if (!picture) throw new Refusal(404, 'There is no such picture.');
    return new Response(Buffer.from(picture.bytes), {
      headers: { 'Content-Type': picture.type, 'Cache-Control': 'private, max-age=31536000, immutable' },
    });
  });
