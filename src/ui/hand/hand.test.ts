import { describe, expect, it } from 'vitest';
import { HANDS, handById } from '@/core/hands/registry';
import type { Nib } from '@/core/kit/nib';
import { filtered, isOwned, NO_FILTERS } from './filters';

const nib = (id: string, kind: Nib['kind'], width: number): Nib => ({
  id,
  kind,
  label: id,
  width,
  edge: 0.1,
  uncertainty: null,
  measuredAt: null,
});
const drawer = [nib('fine', 'broad', 1.5), nib('usual', 'broad', 2.4), nib('wide', 'broad', 5)];
const ids = (filters: Partial<typeof NO_FILTERS>, things: readonly Nib[] = drawer) =>
  filtered(HANDS, { ...NO_FILTERS, ...filters }, things).map(({ id }) => id);

describe('the gallery of hands', () => {
  it('shows all of them until it is narrowed', () => {
    expect(ids({})).toEqual(HANDS.map(({ id }) => id));
  });

  it('is narrowed by look, purpose, case and stage, each for itself and together', () => {
    expect(ids({ look: 'broken' })).toEqual(['textura']);
    expect(ids({ letterCase: 'one' })).toEqual(expect.arrayContaining(['uncial', 'roman']));
    expect(ids({ letterCase: 'one' })).not.toContain('italic');
    expect(ids({ letterCase: 'both' })).not.toContain('uncial');
    const both = ids({ look: 'round', purpose: 'title' });
    expect(both.length).toBeGreaterThan(0);
    for (const id of both) {
      expect(ids({ look: 'round' })).toContain(id);
      expect(ids({ purpose: 'title' })).toContain(id);
    }
    expect(ids({ stage: 'first' })).toContain('foundational');
  });

  it('knows what the drawer can write', () => {
    expect(ids({ owned: true })).not.toContain('copperplate');
    expect(ids({ owned: true }, [])).toEqual(['monoline']);
    expect(isOwned(handById('copperplate'), [nib('p', 'pointed', 0.8)])).toBe(true);
  });
});
