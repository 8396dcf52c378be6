import { correctionFor, file, fileStem, readDpi, readFormat } from '@/app/_lib/files';
import { answer, RECIPE_BODY, readJson } from '@/app/_lib/http';
import { ownLettersFor } from '@/app/_lib/ownLettersFor';
import { filePages } from '@/app/_lib/pages';
import { practiceSteps } from '@/app/_lib/practice';
import { drawPng } from '@/app/_lib/renderPool';
import { parseRecipe } from '@/core/document/recipe';
import { loadScript } from '@/core/hands/scripts';
import { compose, drawPage } from '@/core/practice/compose';
import { Problem } from '@/core/problem/problem';
import { checkGiven } from '@/core/sheet/checkGiven';
import { renderSvg } from '@/render/svg';

export const dynamic = 'force-dynamic';

/** Sheets of one practice page at most: a ream is not practice, and its drawings would fill the memory. */
const MOST_SHEETS = 60;

/**
 * The practice page of a recipe: `POST /api/practice?format=pdf|svg|png|json`, body a recipe with its bands. A PDF and a
 * JSON hold all sheets, SVG and PNG the one that `page` names (from 1). `dpi` and `printer` as for `/api/render`.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const format = readFormat(query);
    const dpi = readDpi(query.get('dpi'));
    const recipe = parseRecipe(await readJson(request, RECIPE_BODY));
    checkGiven(recipe);
    await loadScript(recipe.hand);
    const own = await ownLettersFor(recipe.hand, query);
    const composed = compose(recipe, { own });
    const sheets = composed.pages.length;
    if (sheets > MOST_SHEETS) {
      throw new Problem(
        'practice',
        `These bands fill ${sheets} sheets; at most ${MOST_SHEETS} are drawn at once. Take some bands away, or fewer lines of each.`,
      );
    }
    const page = readPage(query.get('page'), sheets);
    const { title } = drawPage(composed, 0);
    const name = fileStem(title);
    const pageName = sheets > 1 ? `${name}-${page}` : name;
    switch (format) {
      case 'json':
        return Response.json({
          pages: composed.pages.map((_, index) => drawPage(composed, index)),
          remarks: composed.remarks,
        });
      case 'svg':
        return file(renderSvg(drawPage(composed, page - 1)), 'image/svg+xml', `${pageName}.svg`);
      case 'png':
        return file(
          await drawPng(drawPage(composed, page - 1), dpi, request.signal),
          'image/png',
          `${pageName}.png`,
        );
      case 'pdf': {
        const correction = await correctionFor(query.get('printer'));
        const steps = practiceSteps(composed, title, { correction, created: new Date() });
        return file(filePages(steps), 'application/pdf', `${name}.pdf`);
      }
    }
  });

function readPage(text: string | null, pages: number): number {
  if (text === null) return 1;
  const page = Number(text);
  if (!Number.isInteger(page) || page < 1 || page > pages) {
    const nearest = Number.isFinite(page) && page > pages ? pages : 1;
    throw new Problem('page', `There are ${pages} pages; the nearest that works is page ${nearest}.`);
  }
  return page;
}
