import { correctionFor, file, fileStem, readDpi, readFormat } from '@/app/_lib/files';
import { answer, RECIPE_BODY, readJson } from '@/app/_lib/http';
import { ownLettersFor } from '@/app/_lib/ownLettersFor';
import { parseRecipe } from '@/core/document/recipe';
import { loadScript } from '@/core/hands/scripts';
import { ruleSheet } from '@/core/sheet/rule';
import { renderPdf } from '@/render/pdf';
import { renderPng } from '@/render/png';
import { renderSvg } from '@/render/svg';

export const dynamic = 'force-dynamic';

/**
 * Renders any recipe: `POST /api/render?format=pdf|svg|png|json`, body a recipe.
 * `dpi` sets the resolution of a PNG. For a PDF, `printer=none` leaves out the selected printer's correction and
 * `printer=practice` answers what the simulated printer would put on paper.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const format = readFormat(query);
    const dpi = readDpi(query.get('dpi'));
    const recipe = parseRecipe(await readJson(request, RECIPE_BODY));
    await loadScript(recipe.hand);
    const own = recipe.exemplar ? await ownLettersFor(recipe.hand, query) : [];
    const drawing = ruleSheet(recipe, own);
    const fileName = fileStem(drawing.title);
    switch (format) {
      case 'json':
        return Response.json(drawing);
      case 'svg':
        return file(renderSvg(drawing), 'image/svg+xml', `${fileName}.svg`);
      case 'png':
        return file(renderPng(drawing, dpi), 'image/png', `${fileName}.png`);
      case 'pdf': {
        const correction = await correctionFor(query.get('printer'));
        return file(
          await renderPdf(drawing, { correction, created: new Date() }),
          'application/pdf',
          `${fileName}.pdf`,
        );
      }
    }
  });
