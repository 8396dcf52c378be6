import { answer, idSchema, parse, Refusal } from '@/app/_lib/http';
import { restoreSheet } from '@/store/sheets';

/** Undoes the deletion of a sheet. */
export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => {
    const id = parse(idSchema, (await params).id);
    if (!(await restoreSheet(id))) throw new Refusal(404, 'There is no such sheet to bring back.');
    return Response.json({ id });
  });
