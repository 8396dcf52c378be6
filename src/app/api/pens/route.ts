import { z } from 'zod';
import { correctionFor, FILE_TYPES, file } from '@/app/_lib/files';
import { answer, clientOf, ITEMS_BODY, idSchema, parse, readJson } from '@/app/_lib/http';
import { ownLettersFor } from '@/app/_lib/ownLettersFor';
import { filePages } from '@/app/_lib/pages';
import { NOBODY } from '@/core/about/about';
import { LONGEST_WORD, PENS } from '@/core/compare/penLimits';
import { handIdSchema } from '@/core/hands/handId';
import { print } from '@/press/press';
import { listItems } from '@/store/items';
import { findAbout } from '@/store/records';

export const dynamic = 'force-dynamic';

const bodySchema = z.strictObject({
  word: z.string().trim().min(1, 'type a word').max(LONGEST_WORD, `has at most ${LONGEST_WORD} characters`),
  hand: handIdSchema,
  pens: z.array(idSchema).min(PENS.fewest, 'choose a pen').max(PENS.most, `at most ${PENS.most} pens`),
});
const formatSchema = z.enum(['pdf', 'json'], { error: () => 'must be pdf or json' });

/**
 * One word with several pens of the bench: `POST /api/pens?format=pdf|json`, body `{word, hand, pens: [ids]}`. JSON answers the pages
 * as drawings and what each pen makes of the word. `printer` as for `/api/render`.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const format = parse(formatSchema, query.get('format'));
    const { word, hand, pens: ids } = parse(bodySchema, await readJson(request, ITEMS_BODY));
    const byId = new Map((await listItems()).map((item) => [item.id, item]));
    const pens = ids.flatMap((id) => byId.get(id) ?? []);
    const options = { hand, about: (await findAbout()) ?? NOBODY, own: await ownLettersFor(hand) };
    const correction = format === 'pdf' ? await correctionFor(query.get('printer')) : undefined;
    const as = { format, dpi: 0, pdf: { correction, created: new Date() } };
    const { steps } = await print(
      { kind: 'pens', word, pens, options, as },
      clientOf(request),
      request.signal,
    );
    return file(filePages(steps), FILE_TYPES[format], `same-word.${format}`);
  });
