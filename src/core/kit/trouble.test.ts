import { describe, expect, it } from 'vitest';
import { diagnose, nextTest } from './diagnose';
import { blankItem, type Item } from './item';
import { TOOLS } from './kinds/registry';
import { ADDITIONS, COMPLAINTS, nextDrop, type Remedy, withDrop } from './mix';
import { RESCUES, rescuesFor } from './rescues';
import type { SEEN } from './seen';
import { cureOf, seenWith } from './troubles';

const kitOf = (kind: Item['kind'], facts: Partial<Item> = {}) => ({
  tool: { ...blankItem('t', kind, 'a pen'), ...facts },
});
const causesOf = (seen: (typeof SEEN)[number], kit: ReturnType<typeof kitOf>) =>
  diagnose(seen, kit, {}, []).filter(({ chance }) => chance > 0);

describe('what is going wrong', () => {
  it('a point is told nothing of edges, corners, gauges and reservoirs', () => {
    for (const kind of ['pointed-nib', 'brush-pen', 'glass-pen'] as const) {
      for (const seen of seenWith(kind)) {
        for (const { cause } of causesOf(seen, kitOf(kind))) {
          expect(`${cause.name} ${cureOf(cause, kind)}`, `${kind}, ${seen}`).not.toMatch(
            /corner|gauge|reservoir|ladder|whole edge/,
          );
        }
      }
    }
  });

  it('a pen that holds its own ink is not told to dip, nor asked to', () => {
    for (const kind of ['cartridge-pen', 'plate-pen', 'felt-marker', 'brush-pen'] as const) {
      for (const seen of seenWith(kind)) {
        for (const { cause } of causesOf(seen, kitOf(kind)))
          expect(cureOf(cause, kind)).not.toMatch(/\b[Dd]ip\b/);
        expect(nextTest(seen, kitOf(kind), {}, [])?.question ?? '').not.toMatch(/^Dip|over the pot/);
      }
    }
  });

  it('cramp has nothing to do with nib, ink or paper', () => {
    for (const kind of TOOLS.map(({ id }) => id)) {
      const ids = causesOf('cramp', kitOf(kind, { coated: true })).map(({ cause }) => cause.id);
      expect(ids.sort()).toEqual(['grip', 'seatedLow', 'tooLong']);
    }
  });

  it('ink that will not stick is first the coating; of a nib of fourteen hours it is not', () => {
    const ink = { ...blankItem('i', 'ink', 'thin dye ink'), inkKind: 'dye' as const, wetness: 4 };
    const [first] = diagnose('beads', { ...kitOf('pointed-nib', { hours: 0 }), ink }, {}, []);
    expect(first?.cause.id).toBe('coating');
    const [other] = diagnose('beads', { ...kitOf('pointed-nib', { hours: 14, coated: null }), ink }, {}, []);
    expect(other?.cause.id).not.toBe('coating');
  });
});

describe('the next drop', () => {
  it('is advised otherwise after refusals, and ends in another mix', () => {
    // Gum that is refused gives way to the base: nothing goes on alike.
    const gum = (times: number) =>
      nextDrop(
        'pulls together',
        Array.from({ length: times }, () => ({
          complaint: 'pulls together' as const,
          addition: 'gum' as const,
          helped: false,
        })),
      ).addition;
    expect([gum(0), gum(3)]).toEqual(['gum', 'base']);
    for (const complaint of COMPLAINTS) {
      const log: Remedy[] = [];
      const tried: string[] = [];
      const said = new Set<string>();
      for (let i = 0; i < 12; i++) {
        const { addition, sentence } = nextDrop(complaint, log);
        if (!addition) {
          expect(sentence).toMatch(/fresh mix/);
          break;
        }
        tried.push(addition);
        expect(said.has(sentence), `${complaint}: ${sentence} ${[...said].join(' ')}`).toBe(false);
        said.add(sentence);
        log.push({ complaint, addition, helped: false });
      }
      expect(tried.length, complaint).toBeLessThan(7);
    }
  });

  it('goes into the recipe', () => {
    const mix = { baseMl: 4, waterMl: 2, gumDrops: 1 };
    for (const addition of ADDITIONS) expect(withDrop(mix, addition, 0.05)).not.toEqual(mix);
    expect(withDrop(mix, 'gum', 0.05).gumDrops).toBe(2);
    expect(withDrop(mix, 'water', 0.05).waterMl).toBeCloseTo(2.05, 9);
  });
});

describe('what is done on the good sheet', () => {
  const ids = (kind: Item['kind']) => rescuesFor(kind).map(({ id }) => id);

  it('is what can happen with the tool in hand', () => {
    expect(ids('pencil')).toEqual(['line']);
    expect(ids('pencils')).toEqual(['line']);
    expect(ids('pointed-nib')).toEqual(['split', 'drop', 'fibre', 'gap', 'wrong', 'feathering', 'touched']);
    expect(ids('broad-nib')).toEqual(['drop', 'fibre', 'gap', 'wrong', 'feathering', 'touched']);
    // Felt has no slit, opens no rails and drops nothing.
    expect(ids('felt-marker')).toEqual(['gap', 'wrong', 'feathering', 'touched']);
    expect(ids('glass-pen')).not.toContain('fibre');
    expect(ids('paper')).toEqual([]);
  });

  it('is there for every tool, and every rescue for some', () => {
    for (const { id } of TOOLS) expect(rescuesFor(id).length, id).toBeGreaterThan(0);
    for (const { id } of RESCUES)
      expect(
        TOOLS.some((tool) => ids(tool.id).includes(id)),
        id,
      ).toBe(true);
  });

  it('warns of blades and points', () => {
    expect(RESCUES.find(({ id }) => id === 'wrong')?.caution).toBe('knife');
    expect(RESCUES.find(({ id }) => id === 'fibre')?.caution).toBe('sharp');
  });
});
