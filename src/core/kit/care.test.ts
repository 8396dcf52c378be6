import { describe, expect, it } from 'vitest';
import { cleaning } from './clean';
import { DEMO_BENCH } from './demoBench';
import { diagnose, inWords, LIKELIHOODS } from './diagnose';
import { goesWith, partOf } from './goesWith';
import { blankItem, type Item } from './item';
import { parseItem } from './itemFormat';
import { TOOLS } from './kinds/registry';
import { needFor } from './need';
import { takesHolder } from './rules/traits';
import { SEEN } from './seen';

describe('when the writing stops', () => {
  const kitOf = (tool: Partial<Item> & { kind: Item['kind'] }, inkKind: Item['inkKind']) => ({
    tool: { ...blankItem('t', tool.kind, 'my pen'), ...tool },
    holder: blankItem('h', 'holder', 'my holder'),
    ink: { ...blankItem('i', 'ink', 'my ink'), inkKind },
  });

  it.each([
    ['acrylic', /every quarter of an hour.*before it dries/],
    ['iron gall', /Within minutes.*dry it well/],
    ['gouache', /soft brush, the underside too/],
    ['carbon', /When you stop/],
    [null, /At once/],
  ] as const)('%s ink comes off with what takes it off, in time', (inkKind, said) => {
    const [rinse] = cleaning(kitOf({ kind: 'broad-nib' }, inkKind));
    expect(rinse?.what).toMatch(said);
  });

  it('every tool is cleaned, each in its own way, and only a nib is taken out of its holder', () => {
    for (const kind of TOOLS.map(({ id }) => id)) {
      const ids = cleaning(kitOf({ kind }, 'carbon')).map(({ id }) => id);
      expect(ids.length, kind).toBeGreaterThan(0);
      expect(new Set(ids).size).toBe(ids.length);
      expect(ids.includes('unseat'), kind).toBe(takesHolder(kind));
    }
    expect(cleaning(kitOf({ kind: 'broad-nib', reservoir: true }, 'carbon')).map(({ id }) => id)).toContain(
      'reservoir',
    );
  });
});

describe('what goes with a thing', () => {
  const bench = DEMO_BENCH.map((item) => parseItem(JSON.parse(JSON.stringify(item))));

  it('is said of every thing of the bench, with a reason, the best first', () => {
    const order = ['well', 'with care', 'not'];
    for (const item of bench) {
      for (const [part, list] of goesWith(needFor('italic'), item, bench)) {
        expect(part).not.toBe(partOf(item));
        for (const { why } of list) expect(why.length).toBeGreaterThan(5);
        const places = list.map(({ how }) => order.indexOf(how));
        expect(places).toEqual([...places].sort());
      }
    }
  });

  it('is the same from either side: a pen goes with an ink as the ink goes with the pen', () => {
    const tools = bench.filter((item) => partOf(item) === 'tool' && !item.archived);
    const inks = bench.filter((item) => partOf(item) === 'ink' && !item.archived);
    let compared = 0;
    for (const tool of tools) {
      const from = goesWith(needFor('italic'), tool, bench).get('ink') ?? [];
      for (const ink of inks) {
        const back = goesWith(needFor('italic'), ink, bench).get('tool') ?? [];
        expect(from.find(({ item }) => item.id === ink.id)?.how, `${tool.label} ${ink.label}`).toBe(
          back.find(({ item }) => item.id === tool.id)?.how,
        );
        compared += 1;
      }
    }
    expect(compared).toBeGreaterThan(20);
  });

  it('an ink that clogs is not for a pen with a feed', () => {
    const pen = blankItem('p', 'cartridge-pen', 'a cartridge pen');
    const india = { ...blankItem('i', 'ink', 'india'), inkKind: 'india' as const };
    const [found] = goesWith(needFor('italic'), pen, [india]).get('ink') ?? [];
    expect(found).toMatchObject({ how: 'not' });
  });
});

it('chances are words: one cause alone may be most likely', () => {
  const kit = { tool: blankItem('t', 'broad-nib', 'a nib') };
  for (const seen of SEEN) {
    const ranked = diagnose(seen, kit, {}, []);
    const words = ranked.map(({ chance }) => inWords(chance, ranked[0]?.chance ?? 0));
    expect(words.filter((word) => word === 'most likely').length).toBeLessThanOrEqual(1);
    const places = words.map((word) => LIKELIHOODS.indexOf(word));
    expect(places).toEqual([...places].sort());
    expect(ranked[0]?.cause.seen[seen], seen).toBeGreaterThan(0.2);
  }
});
