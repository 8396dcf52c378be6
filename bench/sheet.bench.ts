import { bench, describe } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { Recipe } from '@/core/document/recipe';
import { ruleSheet } from '@/core/sheet/rule';
import { pin } from '@/core/sheet/solve';
import { renderPdf } from '@/render/pdf';
import { renderSvg } from '@/render/svg';

const base = freshRecipe('italic');
/** A full A3 sheet with slope lines and a small nib: the most a usual sheet has to draw. */
const full: Recipe = {
  ...base,
  width: 1.5,
  given: { width: 1.5, body: 5 },
  show: { ...base.show, slope: true },
  slopeLines: { spacing: 5, extent: 'zones' },
  paper: { ...base.paper, format: 'a3', width: 297, height: 420 },
};

describe('A3 with slope lines', () => {
  bench('recipe → drawing (an edit on screen)', () => {
    ruleSheet(full);
  });
  bench('recipe → drawing → SVG', () => {
    renderSvg(ruleSheet(full));
  });
  bench('recipe → drawing → PDF', async () => {
    await renderPdf(ruleSheet(full));
  });
  bench('solve: pin a number of lines', () => {
    pin(full, 'lines', 9);
  });
});
