import { answer, idSchema, parse, Refusal } from '@/app/_lib/http';
import { ownLettersFor } from '@/app/_lib/ownLettersFor';
import { parseRecipe } from '@/core/document/recipe';
import { loadScript } from '@/core/hands/scripts';
import { compose, drawPage } from '@/core/practice/compose';
import { ruleSheet } from '@/core/sheet/rule';
import { renderSvg } from '@/render/svg';
import { findSheet } from '@/store/sheets';

type Context = { params: Promise<{ id: string }> };

/** The first page of a sheet on the shelf, as SVG: what is practised on it, or its ruling. */
export const GET = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const sheet = await findSheet(parse(idSchema, (await params).id));
    if (!sheet) throw new Refusal(404, 'There is no such sheet on the shelf.');
    const recipe = parseRecipe(JSON.parse(sheet.recipe));
    await loadScript(recipe.hand);
    const own = await ownLettersFor(recipe.hand);
    const practised = recipe.practice.bands.length > 0;
    const drawing = practised ? drawPage(compose(recipe, { own }), 0) : ruleSheet(recipe, own);
    return new Response(renderSvg(drawing), {
      headers: { 'Content-Type': 'image/svg+xml', 'Cache-Control': 'private, no-cache' },
    });
  });
