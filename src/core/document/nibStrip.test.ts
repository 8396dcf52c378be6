import { describe, expect, it } from 'vitest';
import { NOBODY } from '../about/about';
import { HANDS } from '../hands/registry';
import { loadScript } from '../hands/scripts';
import { compose } from '../practice/compose';
import { dueRows } from '../practice/dueRows';
import { nibStrip } from './nibStrip';

const KIND = { broad: 'broad', pointed: 'pointed', brush: 'brush', monoline: 'round' } as const;

describe('the page for a nib’s strip', () => {
  it.each(HANDS.map(({ id, tool }) => [id, tool] as const))(
    '%s: fits, for the finest and the widest nib',
    async (hand, tool) => {
      await loadScript(hand);
      for (const width of {
        broad: [0.6, 2, 6],
        pointed: [0.3, 0.8, 1.5],
        brush: [1, 3, 8],
        monoline: [0.2, 0.5, 1.5],
      }[tool])
        for (const side of ['right', 'left'] as const) {
          const nib = { id: 'n', kind: KIND[tool], label: 'a nib', width, edge: 0.15, dipped: true };
          const recipe = nibStrip(
            { ...NOBODY, side },
            hand,
            tool === 'pointed' || tool === 'brush' ? { ...nib, hairline: width / 8 } : nib,
          );
          const composed = compose(recipe, { bands: recipe.practice.bands });
          expect(composed.remarks, `${hand} ${width}`).toEqual([]);
          const rows = composed.pages.flatMap((_, i) => dueRows(composed, i));
          const written = rows.filter(({ due }) => due.cells.some(({ kind }) => kind === 'free'));
          // Of every part at least three strokes, or no median can be told.
          for (const { due } of written)
            expect(
              due.figure.shapes[0]?.cut.upright.length,
              `${hand} ${width} ${due.figure.text}`,
            ).toBeGreaterThanOrEqual(3);
          expect(new Set(written.map(({ due }) => due.figure.strip)).size).toBe(recipe.practice.bands.length);
        }
    },
  );
});
