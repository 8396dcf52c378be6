import { answer, Refusal } from '@/app/_lib/http';
import { writtenTitle } from '@/ui/frame/writtenTitle';
import { ALL_TITLES } from '@/ui/stations/stations';

type Context = { params: Promise<{ text: string }> };

/** The title of a page as a picture. Its address names its version, so browsers keep it for good. */
export const GET = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const { text } = await params;
    const title = ALL_TITLES.has(text) ? await writtenTitle(text) : undefined;
    if (!title) throw new Refusal(404, 'No page has this title.');
    return new Response(title.svg, {
      headers: { 'Content-Type': 'image/svg+xml', 'Cache-Control': 'private, max-age=31536000, immutable' },
    });
  });
