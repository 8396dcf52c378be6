import { correctionFor, FILE_TYPES, file, fileStem, readDpi, readFormat, readOn } from '@/app/_lib/files';
import { answer, clientOf, RECIPE_BODY, readJson } from '@/app/_lib/http';
import { ownLettersFor } from '@/app/_lib/ownLettersFor';
import { filePages } from '@/app/_lib/pages';
import { keeping, newPrintId } from '@/app/_lib/prints';
import { parseRecipe } from '@/core/document/recipe';
import { Problem } from '@/core/problem/problem';
import { checkGiven } from '@/core/sheet/checkGiven';
import { print } from '@/press/press';

export const dynamic = 'force-dynamic';

/**
 * The practice page of a recipe: `POST /api/practice?format=pdf|svg|png|json`, body a recipe with its bands. A PDF and a
 * JSON hold all sheets, SVG and PNG the one that `page` names (from 1). `dpi`, `printer` and, of a PDF, `on` as for `/api/render`. Laid and drawn in
 * the press; closing the connection stops it.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const format = readFormat(query);
    const dpi = readDpi(query.get('dpi'));
    const page = readPage(query.get('page'));
    const recipe = parseRecipe(await readJson(request, RECIPE_BODY));
    checkGiven(recipe);
    const own = await ownLettersFor(recipe.hand, query);
    const correction = format === 'pdf' ? await correctionFor(query.get('printer')) : undefined;
    const as = { format, dpi, pdf: { correction, created: new Date() } };
    const { title, pages, steps } = await print(
      {
        kind: 'practice',
        recipe,
        own,
        page,
        on: readOn(query),
        as,
        ...(format === 'pdf' && { id: newPrintId() }),
      },
      clientOf(request),
      request.signal,
    );
    const ofOne = pages > 1 && (format === 'svg' || format === 'png');
    const name = `${fileStem(title)}${ofOne ? `-${page}` : ''}`;
    return file(filePages(keeping(steps)), FILE_TYPES[format], `${name}.${format}`);
  });

/** Page number in the query; whether that page exists is known only after layout. */
function readPage(text: string | null): number {
  if (text === null) return 1;
  const page = Number(text);
  if (!Number.isInteger(page) || page < 1) {
    throw new Problem('page', 'Pages are counted from 1; the nearest that works is page 1.');
  }
  return page;
}
