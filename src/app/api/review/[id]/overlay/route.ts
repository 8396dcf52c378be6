import { z } from 'zod';
import { answer, idSchema, parse, Refusal } from '@/app/_lib/http';
import { handsOn } from '@/core/document/keptPage';
import { loadScript } from '@/core/hands/scripts';
import { OVERLAYS, overlayOf } from '@/core/review/overlay';
import { renderSvg } from '@/render/svg';
import { findReview } from '@/store/reviews';

type Context = { params: Promise<{ id: string }> };

const querySchema = z.object({ what: z.enum(OVERLAYS).default('outline') });

/** The models of a reviewed page's letters, as an SVG to lay over its picture: `GET /api/review/ID/overlay?what=outline|ink|skeleton`. */
export const GET = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const found = await findReview(parse(idSchema, (await params).id));
    const { what } = parse(querySchema, Object.fromEntries(new URL(request.url).searchParams));
    if (!found?.kept) throw new Refusal(404, 'There is no such review, or its page is no longer kept.');
    await Promise.all(handsOn(found.kept).map(loadScript));
    return new Response(renderSvg(overlayOf(found.kept, found.review, what)), {
      headers: { 'Content-Type': 'image/svg+xml', 'Cache-Control': 'private, max-age=3600' },
    });
  });
