import { describe, expect, it } from 'vitest';
import { DEMO_BENCH } from './demoBench';
import { judgeKit } from './judgeKit';
import { match } from './match';
import { type Need, needFor, SCHOOLS, type SchoolId, USUAL_SCHOOLS } from './need';
import { preparation } from './prepare';

const best = (need: Need) => {
  const [first] = match(need, DEMO_BENCH).ranked;
  if (!first) throw new Error('The demo bench has no kit for this.');
  return first.kit;
};
const schools = (more: Partial<Need['schools']>) => ({ schools: { ...USUAL_SCHOOLS, ...more } });

describe('schools', () => {
  it('the first broad nib is of the width the school begins with', () => {
    const first = (firstNib: 'medium' | 'large') =>
      best(needFor('italic', { experience: 'beginner', ...schools({ firstNib }) })).tool.width ?? 0;
    expect(first('medium')).toBeGreaterThanOrEqual(2);
    expect(first('medium')).toBeLessThanOrEqual(3.5);
    expect(first('large')).toBeGreaterThanOrEqual(4);
  });

  it('the first pointed tool is the one the school begins with', () => {
    const first = (firstPointed: 'stiff' | 'soft' | 'oblique') =>
      best(needFor('copperplate', { experience: 'beginner', ...schools({ firstPointed }) }));
    expect(first('stiff')).toMatchObject({
      tool: { kind: 'pointed-nib', flex: 'stiff' },
      holder: { holderType: 'straight' },
    });
    expect(['brush-pen', 'pencil']).toContain(first('soft').tool.kind);
    expect(['oblique', 'two-in-one']).toContain(first('oblique').holder?.holderType);
  });

  it('the holder of a slanted hand is the school’s, once the beginning is over', () => {
    const holder = (of: 'oblique' | 'straight') =>
      best(needFor('copperplate', { experience: 'some', ...schools({ holder: of }) })).holder?.holderType;
    expect(['oblique', 'two-in-one']).toContain(holder('oblique'));
    expect(['straight', 'two-in-one']).toContain(holder('straight'));
    expect(holder('oblique')).not.toBe(holder('straight'));
  });

  it('the nib is loaded as the school loads it', () => {
    const load = (loading: 'dip' | 'brush') => {
      const need = needFor('italic', schools({ loading }));
      const tool = DEMO_BENCH.find(({ kind }) => kind === 'broad-nib');
      const ink = DEMO_BENCH.find(({ kind }) => kind === 'ink');
      if (!tool || !ink) throw new Error('The demo bench has no nib or no ink.');
      return preparation(need, { tool, ink }).find(({ id }) => id === 'load')?.what;
    };
    expect(load('dip')).toContain('Dip');
    expect(load('brush')).toContain('Brush');
  });

  it('every school that ranks kits is named where it decides', () => {
    const named = new Set<SchoolId>();
    for (const hand of ['italic', 'copperplate'] as const)
      for (const experience of ['beginner', 'some'] as const)
        for (const { kit } of match(needFor(hand, { experience }), DEMO_BENCH).ranked)
          for (const { school } of judgeKit(needFor(hand, { experience }), kit))
            if (school) named.add(school);
    for (const school of ['firstNib', 'firstPointed', 'holder'] as const)
      expect(named, school).toContain(school);
    expect([...named].every((school) => school in SCHOOLS)).toBe(true);
  });
});
