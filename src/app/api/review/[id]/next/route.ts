import { answer, idSchema, parse, Refusal, reply } from '@/app/_lib/http';
import { ownLettersFor } from '@/app/_lib/ownLettersFor';
import { chosenWords } from '@/app/_lib/words';
import { withAnyNib } from '@/core/document/chosenNib';
import { freshRecipe } from '@/core/document/defaults';
import { isPiece } from '@/core/document/keptPage';
import { countsByPen } from '@/core/hand/hand';
import { loadScript } from '@/core/hands/scripts';
import { lookUp } from '@/core/measure/lookUp';
import { withBands } from '@/core/practice/edit';
import { BUNDLED } from '@/core/practice/words/wordList';
import { pageAfter } from '@/core/review/nextPage';
import { handOf } from '@/core/setting/handOf';
import { findReview } from '@/store/reviews';
import { lettersLearned } from '@/store/study';

type Context = { params: Promise<{ id: string }> };

export const dynamic = 'force-dynamic';

/** The page to write after a reviewed one, as a recipe: `POST /api/review/ID/next`. It is on the same paper, with the same nib. */
export const POST = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const found = await findReview(parse(idSchema, (await params).id));
    if (!found) throw new Refusal(404, 'There is no such review.');
    const { hand } = found.review;
    await loadScript(hand);
    const [own, learned, { words }] = await Promise.all([
      ownLettersFor(hand),
      lettersLearned(),
      chosenWords(BUNDLED),
    ]);
    const fresh = freshRecipe(hand);
    // A piece's guide and writing that was not printed here have no sheet; the nib is known.
    const sheet =
      (found.kept && !isPiece(found.kept) ? found.kept.sheet : undefined) ??
      (countsByPen(handOf(fresh)) ? withAnyNib({ ...fresh, given: {} }, found.review.nib) : fresh);
    const recipe = { ...fresh, ...sheet, title: '', aids: { ...sheet.aids, marks: 'practice' as const } };
    const bands = pageAfter(recipe, found.review, new Set(lookUp(learned, hand) ?? []), words, own);
    return reply('POST /api/review/{}/next', withBands(recipe, bands));
  });
