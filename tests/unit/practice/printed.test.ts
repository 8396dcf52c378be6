import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { Drawing, Form } from '@/core/drawing/drawing';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose, drawPage } from '@/core/practice/compose';
import { renderPdf } from '@/render/pdf';
import { Raster } from '../../support/raster';

/** Darker than any line of the ruling, lighter than ink. */
const INKED = 0.7;

describe('a practice page on paper', () => {
  it.each(['italic', 'copperplate'] as const)(
    '%s: the model stands where and as large as its cell says',
    async (hand) => {
      const recipe = freshRecipe(hand);
      const how = { guided: false, trace: 2, fading: 0, free: 1, tint: 'full' } as const;
      const composed = compose(recipe, {
        bands: [bandOf('n', 'letter', 'n', how), bandOf('w', 'word', 'moon', how)],
      });
      const raster = await Raster.of(drawPage(composed, 0), 600);
      const cells = composed.pages.flatMap(({ laid }) => laid.flatMap((part) => part.cells));
      expect(cells.map(({ kind }) => kind)).toEqual(['trace', 'trace', 'free', 'trace', 'trace', 'free']);
      for (const { ink, box } of cells) {
        const dark = raster.darkBounds(box, INKED);
        expect(dark === undefined).toBe(ink === undefined);
        if (!dark || !ink) continue;
        // Hairlines end in points that no printer resolves.
        const slack = hand === 'italic' ? 0.35 : 0.6;
        expect(Math.abs(dark.left - ink.left)).toBeLessThan(slack);
        expect(Math.abs(dark.right - ink.right)).toBeLessThan(slack);
        expect(Math.abs(dark.top - ink.top)).toBeLessThan(slack);
        expect(Math.abs(dark.bottom - ink.bottom)).toBeLessThan(slack);
      }
    },
  );

  it('forms made of parts print as the parts do, and the file holds each part once', async () => {
    const square = (x: number): Form => ({
      commands: [['M', x, 0], ['L', x + 2, 0], ['L', x + 2, 2], ['L', x, 2], ['Z']],
    });
    const parts = [square(0), square(3)];
    const whole: Form = { commands: parts.flatMap(({ commands }) => commands), parts };
    const drawing = (forms: readonly Form[]): Drawing => ({
      width: 40,
      height: 40,
      title: 'parts',
      nodes: forms.map((form) => ({
        kind: 'form',
        form,
        x: 10,
        y: 10,
        scale: 2,
        paint: { fill: '#000000' },
      })),
    });
    const [asParts, asWhole] = await Promise.all([
      Raster.of(drawing(parts), 200),
      Raster.of(drawing([whole]), 200),
    ]);
    const page = { x: 0, y: 0, width: 40, height: 40 };
    expect(asWhole.darkBounds(page, 0.5)).toEqual(asParts.darkBounds(page, 0.5));
    expect(asWhole.darkBounds({ x: 14.3, y: 0, width: 1.4, height: 40 }, 0.5)).toBeUndefined();
    const file = (await renderPdf(drawing([whole, ...parts, whole]))).toString('latin1');
    expect(file.match(/\/Subtype \/Form/g)).toHaveLength(3);
  });
});
