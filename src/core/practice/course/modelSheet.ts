import { segments } from '../../drawing/build';
import type { DrawingNode } from '../../drawing/drawing';
import type { Mm } from '../../measure/units';
import type { Box } from '../../page/boxes';
import { lineLanguage } from '../../page/lineLanguage';
import type { OwnLetter } from '../../setting/letterSet';
import type { Sheet } from '../../sheet/sheet';
import { brokenText } from '../../writing/brokenText';
import { textFigure } from '../../writing/figure';
import { inkNodes } from '../../writing/ink';
import { groundOf } from '../ground';
import { lessonsOf } from '../lessons';

/** Cases of the letters, in their order on the model sheet; each begins a line. */
const CASES = ['small', 'capital', 'figure'] as const;
/** Minimum scale of the letters, where the box is too small for them; smaller letters would teach nothing. */
const SMALLEST = 0.3;
const STEP = 0.05;
/** White between the lines, as a fraction of their height. */
const GAP_SHARE = 0.12;

/**
 * The whole hand, written on lines of its own: what every page of the pack comes back to. As large as it will be
 * written where the box holds it, else smaller; nothing where there is no room for it.
 */
export function modelSheet(recipe: Sheet, own: readonly OwnLetter[], box: Box): DrawingNode[] {
  const ground = groundOf(recipe, { size: 1, held: false }, own);
  const { face, zones, pen } = ground;
  if (!face) return [];
  const lessons = lessonsOf(ground);
  const texts = CASES.flatMap((name) => {
    const letters = lessons.filter((lesson) => lesson.case === name).flatMap((lesson) => lesson.letters);
    return letters.length > 0 ? [letters.toSorted((a, b) => a.localeCompare(b, 'en')).join(' ')] : [];
  });
  const tall = zones.ascender + zones.body + zones.descender;
  for (let share = 1; share >= SMALLEST; share -= STEP) {
    const unit = ground.unit * share;
    const pitch: Mm = tall * unit * (1 + GAP_SHARE);
    const lines = texts.flatMap((text) => brokenText(face, text, box.width / unit));
    if (lines.length * pitch > box.height) continue;
    const language = lineLanguage(recipe.tint);
    return lines.flatMap((line, i) => {
      const figure = textFigure(face, line);
      if (!figure || (figure.reach.right - figure.reach.left) * unit > box.width) return [];
      const baseline = box.y + i * pitch + (zones.ascender + zones.body) * unit;
      const rule = (y: Mm) => [box.x, y, box.x + box.width, y] as const;
      return [
        segments([rule(baseline - zones.body * unit)], language.waistline),
        segments([rule(baseline)], language.baseline),
        ...inkNodes(
          pen,
          figure,
          'solid',
          [box.x - figure.reach.left * unit, baseline],
          unit,
          language.exemplar,
        ),
      ];
    });
  }
  return [];
}
