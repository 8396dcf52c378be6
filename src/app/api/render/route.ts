import { correctionFor, FILE_TYPES, file, fileStem, readDpi, readFormat, readOn } from '@/app/_lib/files';
import { answer, clientOf, RECIPE_BODY, readJson } from '@/app/_lib/http';
import { ownLettersFor } from '@/app/_lib/ownLettersFor';
import { filePages } from '@/app/_lib/pages';
import { keeping, newPrintId } from '@/app/_lib/prints';
import { parseRecipe } from '@/core/document/recipe';
import { checkGiven } from '@/core/sheet/checkGiven';
import { print } from '@/press/press';

export const dynamic = 'force-dynamic';

/**
 * Renders any recipe: `POST /api/render?format=pdf|svg|png|json`, body a recipe.
 * With `alone=1` it is what is written only, without page and ruling. Words of the exemplar for which the sheet has no room
 * are named in the header `Elvane-Left-Out`, percent-encoded.
 * With `on=a4` a small sheet stands on A4 as often as there is room, with cut marks.
 * `dpi` sets the resolution of a PNG. For a PDF, `printer=none` leaves out the selected printer's correction and
 * `printer=practice` answers what the simulated printer would put on paper. Ruled in the press.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const format = readFormat(query);
    const dpi = readDpi(query.get('dpi'));
    const recipe = parseRecipe(await readJson(request, RECIPE_BODY));
    checkGiven(recipe);
    const own = recipe.exemplar ? await ownLettersFor(recipe.hand, query) : [];
    const correction = format === 'pdf' ? await correctionFor(query.get('printer')) : undefined;
    const { title, leftOut, steps } = await print(
      {
        kind: 'sheet',
        recipe,
        own,
        alone: query.get('alone') === '1',
        on: readOn(query),
        as: { format, dpi, pdf: { correction, created: new Date() } },
        ...(format === 'pdf' && { id: newPrintId() }),
      },
      clientOf(request),
      request.signal,
    );
    return file(
      filePages(keeping(steps)),
      FILE_TYPES[format],
      `${fileStem(title)}.${format}`,
      leftOut ? { 'Elvane-Left-Out': encodeURIComponent(leftOut) } : {},
    );
  });
