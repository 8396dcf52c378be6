import { describe, expect, it } from 'vitest';
import { duePage, ruledPage, type WritablePage } from '@/core/camera/writable';
import { freshRecipe } from '@/core/document/defaults';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose } from '@/core/practice/compose';
import { freeLines } from '@/core/sheet/freeLines';
import { layoutSheet } from '@/core/sheet/layout';
import { DRAWN } from '../../support/drawnHands';

/** Rows on which ink would stand beside the room there is for it, with a hair's breadth for rounding. */
const outside = ({ rows }: WritablePage): number[] =>
  rows.flatMap(({ number, figure, ground, places, from, to }) =>
    places.every(
      ([x]) =>
        x + figure.reach.left * ground.unit >= from - 0.01 &&
        x + figure.reach.right * ground.unit <= to + 0.01,
    )
      ? []
      : [number],
  );

describe.each(DRAWN)('where the simulated hand writes %s', (hand) => {
  const sheet = freshRecipe(hand);

  it('on a ruled sheet is along every line, a word as often as it has room', () => {
    const page = ruledPage(sheet, []);
    expect(page.rows.map(({ baseline }) => baseline)).toEqual(freeLines(sheet).map((line) => line.baseline));
    expect(page.rows.length).toBe(
      layoutSheet(sheet).strips.reduce((sum, { lines }) => sum + lines.length, 0) *
        layoutSheet(sheet).columns.length,
    );
    expect(page.rows.every(({ places }) => places.length > 0)).toBe(true);
    expect(outside(page)).toEqual([]);
  });

  it('on an empty row of a practice page is to its end', () => {
    const letter = hand === 'court' ? 'ن' : hand === 'roman' ? 'N' : 'n';
    const empty = { guided: false, trace: 0, fading: 0, free: 0, lines: 1 };
    const page = duePage(compose(sheet, { bands: [bandOf('b', 'letter', letter, empty)] }), 0);
    expect(page.rows).toHaveLength(1);
    expect(page.rows[0]?.places.length).toBeGreaterThan(3);
    expect(outside(page)).toEqual([]);
  });
});
