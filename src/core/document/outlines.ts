import type { Recipe } from './recipe';

/** Two bound pencils draw the outline of a broad stroke: every band of the page as outlines, to be written over. */
export const withOutlines = (recipe: Recipe): Recipe => ({
  ...recipe,
  practice: {
    bands:
      recipe.practice.bands.length > 0
        ? recipe.practice.bands.map((band) => ({ ...band, how: { ...band.how, ink: 'outline' } }))
        : [OUTLINED],
  },
});

/** Default page where no bands exist: the strokes of the hand's first letter, a guided cell and many to trace. */
const OUTLINED: Recipe['practice']['bands'][number] = {
  id: 'b1',
  what: { kind: 'drill', of: 'zigzag' },
  how: {
    guided: true,
    trace: 3,
    fading: 2,
    free: 2,
    repeat: true,
    lines: 2,
    fill: false,
    snug: true,
    size: 1,
    held: false,
    ink: 'outline',
    tint: 'pale',
  },
};
