import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { TESTS } from './cheapTests';
import { DEMO_BENCH } from './demoBench';
import { diagnose, nextTest } from './diagnose';
import type { Item } from './item';
import type { Kit } from './judgeKit';
import {
  COMPLAINTS,
  dropFrom,
  ELSEWHERE,
  keepsUntil,
  nextDrop,
  REFUSED_OFTEN,
  scaleMix,
  USUAL_DROP_ML,
  volumeOf,
} from './mix';
import { MIX_AMOUNTS, volumeFor } from './mixAmounts';
import { mixSchema } from './mixFormat';
import { SEEN } from './seen';
import { CAUSES } from './troubles';

describe('a mix', () => {
  it('keeps its proportions when it is scaled', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 50, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 1, max: 100, noNaN: true }),
        (baseMl, waterMl, to) => {
          const mix = { baseMl, waterMl, gumDrops: 0 };
          const scaled = scaleMix(mix, to, USUAL_DROP_ML);
          expect(volumeOf(scaled, USUAL_DROP_ML)).toBeCloseTo(to, 6);
          expect(scaled.waterMl / scaled.baseMl).toBeCloseTo(waterMl / baseMl, 6);
        },
      ),
    );
    expect(scaleMix({ baseMl: 2, waterMl: 2, gumDrops: 4 }, 8.4, 0.05).gumDrops).toBe(8);
    expect(dropFrom(22, 1)).toBeCloseTo(0.0455, 4);
  });

  it('is mended as teachers say, until something else has helped more often', () => {
    expect(nextDrop('too thick', []).addition).toBe('water');
    expect(nextDrop('rubs off', []).addition).toBe('gum');
    const log = [
      ...Array.from({ length: 12 }, () => ({
        complaint: 'pulls together' as const,
        addition: 'base' as const,
        helped: true,
      })),
      ...Array.from({ length: 8 }, () => ({
        complaint: 'pulls together' as const,
        addition: 'gum' as const,
        helped: false,
      })),
    ];
    expect(nextDrop('pulls together', log).addition).toBe('base');
    expect(nextDrop('pulls together', log).sentence).toContain('helped you 12 times');
  });
});

describe('what is going wrong', () => {
  const byId = (id: string) => DEMO_BENCH.find((one) => one.id === id) as Item;
  const coated: Kit = {
    tool: byId('pointed-flexible'),
    holder: byId('holder-oblique'),
    ink: byId('ink-carbon'),
    paper: byId('paper-smooth'),
  };
  const clean: Kit = { ...coated, tool: byId('pointed-stiff') };

  it('looks at the kit: a coated nib beads because of its coating', () => {
    expect(diagnose('beads', coated, {}, [])[0]?.cause.id).toBe('coating');
    const chance = (kit: Kit) =>
      diagnose('beads', kit, {}, []).find(({ cause }) => cause.id === 'coating')?.chance as number;
    expect(chance(coated)).toBeGreaterThan(2 * chance(clean));
    const cheap = { ...clean, paper: byId('paper-copy') };
    expect(diagnose('ragged edge', cheap, {}, [])[0]?.cause.id).toBe('paper');
  });

  it('moves with every answer', () => {
    const before = diagnose('two rails', clean, {}, []);
    const after = diagnose('two rails', clean, { redip: true }, []);
    const dry = (list: typeof before) => list.find(({ cause }) => cause.id === 'dry')?.chance as number;
    expect(dry(after)).toBeGreaterThan(dry(before));
    expect(after[0]?.cause.id).toBe('dry');
  });

  it('learns from what cured it, more with the same tool', () => {
    const history = [{ seen: 'two rails' as const, cause: 'thick', tool: clean.tool.id }];
    const chance = (log: typeof history) =>
      diagnose('two rails', clean, {}, log).find(({ cause }) => cause.id === 'thick')?.chance as number;
    expect(chance(history)).toBeGreaterThan(chance([]));
    expect(chance(history)).toBeGreaterThan(
      chance([{ ...(history[0] as (typeof history)[0]), tool: 'another' }]),
    );
  });

  it('is a probability for everything seen, and asks until nothing more is to be learned', () => {
    for (const seen of SEEN) {
      const ranked = diagnose(seen, clean, {}, []);
      expect(ranked.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
      expect(ranked).toHaveLength(CAUSES.length);
      let answers: Record<string, boolean> = {};
      for (let asked = 0; asked < 20; asked++) {
        const test = nextTest(seen, clean, answers, []);
        if (!test) break;
        expect(answers[test.id]).toBeUndefined();
        answers = { ...answers, [test.id]: asked % 2 === 0 };
      }
      expect(Object.keys(answers).length).toBeLessThan(TESTS.length);
    }
  });
});

describe('a mix that is kept', () => {
  it('keeps for as long as what it is made from: glue a day, gum two weeks, a bottle a season', () => {
    const days = (base: 'gouache' | 'stick' | 'bottle') =>
      (keepsUntil({ base, madeAt: '2026-11-01T10:00:00.000Z' }) - Date.parse('2026-11-01T10:00:00.000Z')) /
      (24 * 60 * 60 * 1000);
    expect([days('stick'), days('gouache'), days('bottle')]).toEqual([1, 14, 90]);
  });

  it('holds what its fields can be given, and is refused by name beyond that', () => {
    const mix = {
      id: 'm',
      label: 'night blue',
      base: 'gouache',
      baseMl: 200,
      waterMl: 0,
      gumDrops: 200,
      consistency: 'cream',
      madeAt: '2026-11-01T10:00:00.000Z',
    };
    expect(mixSchema.parse(mix)).toEqual({ ...mix, note: '', writtenWith: '' });
    for (const [key, { high }] of Object.entries(MIX_AMOUNTS)) {
      expect(mixSchema.safeParse({ ...mix, [key]: high }).success, key).toBe(true);
      expect(mixSchema.safeParse({ ...mix, [key]: high + 1 }).success, key).toBe(false);
    }
  });

  it('is looked at elsewhere after drops that did not help, for every complaint', () => {
    for (const complaint of COMPLAINTS) expect(ELSEWHERE[complaint]).toMatch(/^Two drops have not helped: /);
    expect(REFUSED_OFTEN).toBe(2);
  });
});

describe('ink for a piece', () => {
  it('is twice what is laid, and enough to dip into', () => {
    expect(volumeFor(0.02)).toBe(2);
    expect(volumeFor(1.6)).toBe(3.5);
    expect(volumeFor(1e6)).toBe(MIX_AMOUNTS.baseMl.high);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 90, noNaN: true }), (laid) => {
        expect(volumeFor(laid)).toBeGreaterThanOrEqual(2 * laid);
      }),
    );
  });
});
