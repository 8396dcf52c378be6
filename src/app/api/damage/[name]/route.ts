import { answer, Refusal } from '@/app/_lib/http';
import { fileOf } from '@/store/client';
import { markRead } from '@/store/damage';

export const dynamic = 'force-dynamic';

type Context = { params: Promise<{ name: string }> };

/** Dismisses the announcement of a damaged database: `DELETE /api/damage/NAME`. Its file stays. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(request, async () => {
    if (!(await markRead(fileOf(), (await params).name))) {
      throw new Refusal(404, 'There is no damaged database of that name.');
    }
    return new Response(null, { status: 204 });
  });
