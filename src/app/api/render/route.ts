import { correctionFor, file, fileStem, readDpi, readFormat, readOn } from '@/app/_lib/files';
import { answer, clientOf, RECIPE_BODY, readJson } from '@/app/_lib/http';
import { ownLettersFor } from '@/app/_lib/ownLettersFor';
import { wholeFile } from '@/app/_lib/pages';
import { keptSheetDrawings } from '@/app/_lib/prints';
import { parseRecipe } from '@/core/document/recipe';
import type { Drawing } from '@/core/drawing/drawing';
import { loadScript } from '@/core/hands/scripts';
import { pageBoxes } from '@/core/page/boxes';
import { copiesOnLarge, onLarge } from '@/core/page/imposition';
import { checkGiven } from '@/core/sheet/checkGiven';
import { leftOut } from '@/core/sheet/draw/exemplar';
import { layoutSheet } from '@/core/sheet/layout';
import { ruleSheet } from '@/core/sheet/rule';
import { wordAlone } from '@/core/sheet/wordAlone';
import { print } from '@/press/press';
import { renderPdf } from '@/render/pdf';
import { pngTask } from '@/render/png';
import { renderSvg } from '@/render/svg';

export const dynamic = 'force-dynamic';

/**
 * Renders any recipe: `POST /api/render?format=pdf|svg|png|json`, body a recipe.
 * With `alone=1` it is what is written only, without page and ruling. Words of the exemplar for which the sheet has no room
 * are named in the header `Elvane-Left-Out`, percent-encoded.
 * With `on=a4` a small sheet stands on A4 as often as there is room, with cut marks.
 * `dpi` sets the resolution of a PNG. For a PDF, `printer=none` leaves out the selected printer's correction and
 * `printer=practice` answers what the simulated printer would put on paper.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const format = readFormat(query);
    const dpi = readDpi(query.get('dpi'));
    const recipe = parseRecipe(await readJson(request, RECIPE_BODY));
    checkGiven(recipe);
    await loadScript(recipe.hand);
    const own = recipe.exemplar ? await ownLettersFor(recipe.hand, query) : [];
    const alone = query.get('alone') === '1';
    const sheet = alone ? wordAlone(recipe, own) : ruleSheet(recipe, own);
    const large = readOn(query) === 'a4' && !alone;
    const placed = (page: (copy: number) => Drawing): Drawing =>
      large ? onLarge({ count: 1, page: (_, copy) => page(copy) }).page(0) : page(0);
    const drawing = placed(() => sheet);
    const missing = alone ? '' : leftOut(recipe, layoutSheet(recipe), own);
    const said: Record<string, string> = missing ? { 'Elvane-Left-Out': encodeURIComponent(missing) } : {};
    const fileName = fileStem(drawing.title);
    switch (format) {
      case 'json':
        return Response.json(drawing, { headers: said });
      case 'svg':
        return file(renderSvg(drawing), 'image/svg+xml', `${fileName}.svg`, said);
      case 'png': {
        const job = { kind: 'picture', title: drawing.title, task: pngTask(drawing, dpi) } as const;
        const { steps } = await print(job, clientOf(request), request.signal);
        return file(await wholeFile(steps), 'image/png', `${fileName}.png`, said);
      }
      case 'pdf': {
        const correction = await correctionFor(query.get('printer'));
        const marked = pageBoxes(recipe).marked && !alone;
        const coded = marked ? await keptSheetDrawings(recipe, own, large ? copiesOnLarge(sheet) : 1) : [];
        return file(
          await renderPdf(
            placed((copy) => coded[copy] ?? sheet),
            { correction, created: new Date() },
          ),
          'application/pdf',
          `${fileName}.pdf`,
          said,
        );
      }
    }
  });
