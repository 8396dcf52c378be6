import { findCopy } from '@/app/_lib/copies';
import { answer, Refusal } from '@/app/_lib/http';

export const dynamic = 'force-dynamic';

type Context = { params: Promise<{ name: string }> };

/** A backup the server made by itself, as a zip. */
export const GET = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const { name } = await params;
    const copy = await findCopy(name);
    if (!copy) throw new Refusal(404, 'There is no such copy: only those of the last seven days are kept.');
    return new Response(copy.stream(), {
      headers: {
        'Content-Type': 'application/zip',
        'Content-Length': String(copy.size),
        'Content-Disposition': `attachment; filename="${name}"`,
        'Cache-Control': 'no-store',
      },
    });
  });
