import { describe, expect, it } from 'vitest';
import { STEADY } from '@/core/camera/habits';
import type { ChosenNib } from '@/core/document/chosenNib';
import { dueOn } from '@/core/document/keptPage';
import type { HandId } from '@/core/hands/registry';
import { fullShade } from '@/core/pen/thickness';
import { emptyGrey } from '@/core/raster/grey';
import { strokesIn } from '@/core/review/strip';
import { reviewedFrom, someShot, taken } from '../../support/review/pages';
import { stripOf } from '../../support/review/strip';

/** What issue and docs/measuring.md promise, in mm. */
const HAIRLINE = 0.03;
const FULL = 0.05;

describe('the strip of a nib, written and photographed', () => {
  /** The nib as it is believed to be, and what it is in truth as multiples of that. */
  const NIBS: readonly (readonly [HandId, ChosenNib, 'scan' | 'photo', { nib: number; hairline: number }])[] =
    [
      ['copperplate', nib('pointed', 0.8, 0.12), 'scan', { nib: 1.15, hairline: 1.5 }],
      ['copperplate', nib('pointed', 1.2, 0.25), 'photo', { nib: 0.9, hairline: 0.8 }],
      ['brush', nib('brush', 3, 0.4), 'photo', { nib: 1.1, hairline: 1.3 }],
      ['italic', nib('broad', 2), 'scan', { nib: 0.92, hairline: 1 }],
      ['court', nib('broad', 3), 'scan', { nib: 1.08, hairline: 1 }],
      ['monoline', nib('round', 0.6), 'scan', { nib: 1, hairline: 1 }],
    ];
  it.each(NIBS)('%s: is told as closely as is promised (%o)', async (hand, believed, view, truth) => {
    const printed = await stripOf(hand, believed);
    // Ragged edges would make the simulated nib itself narrower.
    const habits = { ...STEADY, ...truth, seed: 3, ragged: 0, wobble: 0.03 };
    const { jpeg } = await taken(printed, habits, someShot(17, view));
    const { profile } = (await reviewedFrom(jpeg, printed)).measuring;
    const ground = dueOn(printed.page)?.[0]?.due.ground;
    if (!profile?.full || !ground) throw new Error('No full strokes were found.');
    const { pen, unit } = ground;
    const spread = pen.kind === 'pointed' ? pen.spread * truth.nib : 0;
    const hairline = pen.kind === 'pointed' ? pen.hairline * truth.hairline : 0;
    const full =
      pen.kind === 'pointed'
        ? unit * fullShade({ ...pen, spread, hairline }, ground.recipe.slope)
        : believed.width * truth.nib;
    expect(Math.abs(profile.full.value - full)).toBeLessThan(FULL);
    if (pen.kind === 'pointed') {
      expect(Math.abs((profile.hairline?.value ?? 0) - unit * hairline)).toBeLessThan(HAIRLINE);
      // Every step of pressure is there, and none is thinner than the one before by more than the error.
      expect(profile.opening).toHaveLength(10);
      for (const [i, step] of profile.opening.slice(1).entries())
        expect(step).toBeGreaterThan((profile.opening[i] as number) - HAIRLINE);
    } else expect(profile.opening).toEqual([]);
    // The simulated load covers 400 mm² of paths as wide as the nib is believed to be.
    expect(profile.load?.area).toBeGreaterThan(300);
    expect(profile.load?.area).toBeLessThan(560);
  });

  it('says nothing of a load that did not end, and nothing at all of an empty page', async () => {
    const printed = await stripOf('italic', nib('broad', 3.5));
    const endless = await taken(printed, { ...STEADY, load: 1e9 }, someShot(2, 'scan'));
    expect((await reviewedFrom(endless.jpeg, printed)).measuring.profile).toMatchObject({ load: null });
    const rows = dueOn(printed.page)?.map(({ number }) => number) ?? [];
    const empty = await taken(printed, { ...STEADY, skipped: rows }, someShot(2, 'scan'));
    await expect(reviewedFrom(empty.jpeg, printed)).rejects.toThrow('Nobody has written on this page');
  });

  it('has no row for a load of a pen that feeds itself', async () => {
    const rows = dueOn((await stripOf('italic', { ...nib('broad', 2), dipped: false })).page) ?? [];
    expect([...new Set(rows.map(({ due }) => due.figure.strip))]).toEqual(['hairline', 'full']);
  });
});

describe('strokes in a picture', () => {
  /** Strokes of `wide` pixels every `pitch`, leaning by `lean` pixels a row; `rails` is the white in their middle. */
  function drawn(wide: number, pitch: number, lean: number, rails = 0) {
    const grey = emptyGrey(400, 60);
    for (let y = 0; y < grey.height; y++)
      for (let i = 0; i < 5; i++)
        for (let x = 0; x < wide; x++) {
          if (Math.abs(x + 0.5 - wide / 2) < rails / 2) continue;
          grey.data[y * grey.width + Math.round(20 + i * pitch + lean * y) + x] = 0.9;
        }
    return grey;
  }

  it('are as thick across as they are, however they lean', () => {
    for (const lean of [0, 0.5, 1]) {
      const strokes = strokesIn(drawn(12, 50, lean), 0.9);
      expect(strokes).toHaveLength(5);
      for (const { thickness, stretch, white } of strokes) {
        expect(thickness * (300 / 25.4)).toBeCloseTo(12 / Math.hypot(1, lean), 0);
        expect(stretch).toBeCloseTo(Math.hypot(1, lean), 1);
        expect(white).toBe(0);
      }
    }
  });

  it('that have split are one stroke with white in it', () => {
    const strokes = strokesIn(drawn(20, 60, 0.3, 10), 0.9);
    expect(strokes).toHaveLength(5);
    for (const { white } of strokes) expect(white).toBeCloseTo(0.5, 1);
  });
});

function nib(kind: ChosenNib['kind'], width: number, hairline?: number): ChosenNib {
  return { id: 'a-nib', kind, width, edge: 0.15, ...(hairline && { hairline }) };
}
