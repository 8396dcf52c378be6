import { describe, expect, it } from 'vitest';
import { DEMO_BENCH } from '../demoBench';
import { blankItem, type Item } from '../item';
import { match } from '../match';
import { type GripWish, needFor } from '../need';
import { HOLDER_RULES } from './holderRules';
import { liked } from './liked';
import { mayBeCoated } from './traits';

describe('how a thing is liked', () => {
  const thing = { label: 'It', rating: null, favourite: null };

  it('is said only where the scribe has said it', () => {
    expect(liked(thing)).toBeUndefined();
    expect(liked({ ...thing, rating: 3 })).toBeUndefined();
    expect(liked({ ...thing, rating: 5 })).toMatchObject({ points: 2, reason: 'You rate “It” 5 of 5.' });
    expect(liked({ ...thing, rating: 1 })?.points).toBe(-2);
    expect(liked({ ...thing, favourite: true, rating: 4 })?.points).toBe(4);
  });

  it('decides between things that are alike, and not against the rules of fit', () => {
    const need = needFor('italic');
    const [first] = match(need, DEMO_BENCH).ranked;
    if (!first?.kit.ink) throw new Error('The demo bench has no kit for italic.');
    const twin: Item = { ...first.kit.ink, id: `${first.kit.ink.id}-twin`, label: 'Its twin' };
    const inkOf = (facts: Partial<Item>) =>
      match(need, [...DEMO_BENCH, { ...twin, ...facts }]).ranked[0]?.kit.ink?.id;
    expect(inkOf({})).toBe(first.kit.ink.id);
    expect(inkOf({ favourite: true })).toBe(twin.id);
    // A favourite that ruins the pen stays out.
    expect(inkOf({ favourite: true, rating: 5, inkKind: 'acrylic' })).toBe(first.kit.ink.id);
  });
});

describe('the coating of steel', () => {
  const unknown = { coated: null, drop: null, deoiled: null };
  it('may still be on, unless something says it is off; a drop of water says it best', () => {
    expect(mayBeCoated(unknown)).toBe(true);
    expect(mayBeCoated({ ...unknown, coated: false })).toBe(false);
    expect(mayBeCoated({ ...unknown, deoiled: '2026-11-02' })).toBe(false);
    expect(mayBeCoated({ ...unknown, coated: true, drop: 'spreads' })).toBe(false);
    expect(mayBeCoated({ coated: false, deoiled: '2026-11-02', drop: 'beads' })).toBe(true);
  });
});

describe('what fingers ask of a holder', () => {
  const nib = DEMO_BENCH.find(({ kind }) => kind === 'pointed-nib') as Item;
  const holder = (facts: Partial<Item>): Item => ({ ...blankItem('h', 'holder', 'a holder'), ...facts });
  const judged = (grip: GripWish | undefined, facts: Partial<Item>) =>
    HOLDER_RULES.grip?.(needFor('copperplate', { grip }), nib, holder(facts))?.points ?? 0;

  it('is a thick, soft grip where the hand cramps, a slim one for small fingers, and nothing otherwise', () => {
    expect(judged('thick', { grip: 7 })).toBeLessThan(0);
    expect(judged('thick', { grip: 12 })).toBeGreaterThan(0);
    expect(judged('thick', { grip: 12, gripOf: 'cork' })).toBeGreaterThan(
      judged('thick', { grip: 12, gripOf: 'metal' }),
    );
    expect(judged('thick', { gripOf: 'rubber' })).toBeGreaterThan(0);
    expect(judged('thick', {})).toBe(0);
    expect(judged('slim', { grip: 12 })).toBeLessThan(0);
    expect(judged('slim', { grip: 7 })).toBeGreaterThan(0);
    for (const grip of [undefined, 'any'] as const) expect(judged(grip, { grip: 12 })).toBe(0);
  });
});
