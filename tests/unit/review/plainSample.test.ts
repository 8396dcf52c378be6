import { describe, expect, it } from 'vitest';
import { STEADY } from '@/core/camera/habits';
import { freshRecipe } from '@/core/document/defaults';
import { codeOf, keptSheet } from '@/core/document/keptPage';
import { loadScript } from '@/core/hands/scripts';
import { pageAfter } from '@/core/review/nextPage';
import { bodyOfWeight, sampleSchema, usualSample } from '@/core/review/sampleAsked';
import { freeLines } from '@/core/sheet/freeLines';
import { WORDS } from '../../support/practice';
import { ofA5, reviewedFrom, someShot, taken } from '../../support/review/pages';
import {
  measuredSample,
  type SampleForTest,
  sampleErrors,
  sampleForTest,
} from '../../support/review/samples';

/** Share of the pixels a side that is enough. */
const SMALLER = 0.6;

describe('writing without marks', () => {
  it.each([
    ['italic', 7, 'scan'],
    ['copperplate', 16, 'photo'],
  ] as const)('of %s is measured by the block that was shown', async (hand, seed, view) => {
    const sample = await sampleForTest(seed, hand, view, SMALLER);
    const measuring = await measuredSample(sample);
    const errors = sampleErrors(measuring, sample);
    for (const { id, error } of measuring.figures) {
      expect(Math.abs(errors[id] ?? 0), id).toBeLessThanOrEqual(error);
    }
    const told = measuring.figures.map(({ id }) => id);
    expect(told).toEqual(
      expect.arrayContaining(
        hand === 'italic' ? ['angle', 'nib', 'slope', 'body'] : ['slope', 'body', 'weight'],
      ),
    );
    // An edge that cannot be told is not told.
    expect(told.includes('angle')).toBe(hand === 'italic');
    expect(measuring.rows).toHaveLength(sample.asked.rows);
    expect(measuring.rows.every(({ letters }) => letters.length > 0)).toBe(true);
    // What comes next is laid out from it as from any page.
    await loadScript(hand);
    const bands = pageAfter(freshRecipe(hand), measuring, new Set(['n', 'o', 'a']), WORDS);
    expect(bands.some(({ what }) => what.kind === 'letter' || what.kind === 'letters')).toBe(true);
  });

  it('is refused in plain words where nothing is written, or what is said of it cannot be', async () => {
    const sample = await sampleForTest(7, 'italic', 'scan', SMALLER);
    const refused = (part: Partial<SampleForTest>) => expect(measuredSample({ ...sample, ...part })).rejects;
    const bare: SampleForTest['corners'] = [
      [0.2, 0.002],
      [0.8, 0.002],
      [0.8, 0.02],
      [0.2, 0.02],
    ];
    await refused({ asked: { ...sample.asked, rows: 1 }, corners: bare }).toThrow(
      /No writing was found.*on the waistline/,
    );
    // Capitals have no waistline.
    await refused({ asked: { ...sample.asked, hand: 'roman', rows: 1 }, corners: bare }).toThrow(
      /No writing was found.*on the capital line/,
    );
    await refused({
      corners: [
        [0.5, 0.5],
        [0.5, 0.5],
        [0.501, 0.501],
        [0.5, 0.501],
      ],
    }).toThrow(/too small to read/);
    await refused({ asked: { ...sample.asked, rows: 12, pitch: 60 } }).toThrow(
      /widest that can be read is 420 mm/,
    );
  });

  it('on a sheet that is only ruled is measured along its lines', async () => {
    const usual = freshRecipe('italic');
    const sheet = {
      ...usual,
      aids: { ...usual.aids, marks: 'every' as const },
      paper: { ...usual.paper, format: 'a5' as const },
    };
    await loadScript('italic');
    const page = keptSheet(sheet, []);
    const printed = { page, code: codeOf('ABCDEFGH12', page) };
    const shot = ofA5(someShot(2, 'scan'));
    const all = freeLines(sheet).map((_, i) => i);
    const habits = { ...STEADY, angle: -6, slope: 3, skipped: all.slice(2) };
    const { measuring } = await reviewedFrom((await taken(printed, habits, shot)).jpeg, printed);
    expect(measuring.rows.map(({ text }) => text)).toEqual(['row 1', 'row 2']);
    const of = (id: string) => measuring.figures.find((figure) => figure.id === id)?.value ?? Number.NaN;
    expect(Math.abs(of('slope') - sheet.slope - 3)).toBeLessThan(1.2);
    expect(Math.abs(of('angle') - sheet.penAngle + 6)).toBeLessThan(2.5);
    expect(of('nib') / sheet.width).toBeCloseTo(1, 1);
    expect(measuring.remarks.map(({ text }) => text).join(' ')).not.toMatch(/row 1/);
    // Unwritten, it says so.
    const bare = await taken(printed, { ...STEADY, skipped: all }, shot);
    await expect(reviewedFrom(bare.jpeg, printed)).rejects.toThrow(/Nobody has written on this sheet/);
  });

  it('is asked about in words that name the field', () => {
    const good = { hand: 'italic', nib: '2.4', body: '12', rows: '3', pitch: '28', text: '' };
    expect(sampleSchema.parse(good)).toMatchObject({ nib: 2.4, rows: 3 });
    for (const [part, says] of [
      [{ nib: '-1' }, /Nib width must be 0.1 at least/],
      [{ body: 'tall' }, /Body height must be a number/],
      [{ rows: '40' }, /Number of rows must be 12 at most/],
      [{ pitch: '0' }, /Distance of the baselines must be 2 at least/],
    ] as const) {
      expect(() => sampleSchema.parse({ ...good, ...part })).toThrow(says);
    }
  });

  it('begins with what is usual for its hand', () => {
    const { nib, weight, body } = usualSample('italic');
    expect(weight).toBe(5);
    expect(bodyOfWeight('italic', nib, 5)).toBeCloseTo(body, 6);
    expect(bodyOfWeight('italic', 2, 5)).toBeCloseTo(10, 6);
    expect(usualSample('copperplate').weight).toBeUndefined();
  });
});
