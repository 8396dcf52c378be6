import { describe, expect, it } from 'vitest';
import { DEMO_BENCH } from '../demoBench';
import type { Item } from '../item';
import { match } from '../match';
import { needFor } from '../need';
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
