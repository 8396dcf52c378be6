import { describe, expect, it } from 'vitest';
import { HANDS } from '../hands/registry';
import { DEMO_BENCH } from './demoBench';
import { blankItem, type Item } from './item';
import { bestNibFor, explain, match } from './match';
import { needFor, USUAL_SCHOOLS } from './need';
import { onePurchase, priceOf, purchases } from './purchase';

const thing = (id: string, kind: Item['kind'], facts: Partial<Item> = {}): Item => ({
  ...blankItem(id, kind, id),
  ...facts,
});
const paper = thing('smooth pad', 'paper', {
  surface: 'very smooth',
  sizing: 'hard',
  grams: 100,
  tone: 'white',
});
const beginner = { experience: 'beginner' as const };

it('for one even line takes what writes one, not a nib that opens or an edge', () => {
  const ranked = (bench: readonly Item[]) =>
    match(needFor('monoline', { purpose: 'drills' }), bench).ranked.map(({ kit: { tool } }) => tool);
  const [first] = ranked(DEMO_BENCH);
  expect(first?.kind === 'pointed-nib' ? first.flex : first?.kind).toMatch(/^(stiff|glass-pen|pencils)$/);
  const nibs = (['flexible', 'stiff'] as const).map((flex) =>
    thing(flex, 'pointed-nib', { flex, wear: 'none' }),
  );
  const glass = thing('glass', 'glass-pen');
  const edge = thing('edge', 'cartridge-pen', { width: 1.9, wear: 'none' });
  const holder = thing('holder', 'holder', { holderType: 'straight' });
  const ink = thing('ink', 'ink', { inkKind: 'dye', wetness: 3 });
  const order = ranked([...nibs, glass, edge, holder, ink, paper]).map(({ id }) => id);
  // What is no better than another of its kind is folded under it: the flexible nib under the stiff one.
  expect(order.filter((id) => id !== 'flexible')).toEqual(order);
  expect(order.indexOf('edge')).toBe(order.length - 1);
});

describe('the school that was chosen', () => {
  it('“4 mm or wider” puts the wide marker before the narrow one, the other school the narrow one', () => {
    const bench = [2, 5].map((width) =>
      thing(`marker of ${width} mm`, 'felt-marker', { width, cut: 'square', wear: 'none' }),
    );
    const first = (firstNib: 'medium' | 'large') =>
      match(needFor('italic', { ...beginner, schools: { ...USUAL_SCHOOLS, firstNib } }), [...bench, paper])
        .ranked[0]?.kit.tool.width;
    expect(first('large')).toBe(5);
    expect(first('medium')).toBe(2);
  });

  it('“soft pencil or small brush pen first” puts the brush before the steel, and calls no nib its own', () => {
    const schools = { ...USUAL_SCHOOLS, firstPointed: 'soft' as const };
    const { ranked } = match(needFor('copperplate', { ...beginner, schools }), DEMO_BENCH);
    const [first] = ranked;
    expect(first?.kit.tool.kind).toBe('brush-pen');
    expect(first?.verdict).not.toBe('poor');
    for (const { kit, reasons } of ranked.filter(({ kit }) => kit.tool.kind === 'pointed-nib')) {
      expect(
        reasons.filter(({ school }) => school === 'firstPointed'),
        kit.tool.id,
      ).toEqual([]);
    }
  });
});

describe('a purchase', () => {
  it('first completes what is needed to write at all, as a set', () => {
    const nib = thing('pointed', 'pointed-nib', {
      width: 0.8,
      flex: 'stiff',
      shankRadius: 3.5,
      shankWidth: 5,
    });
    const bought = onePurchase(needFor('copperplate', beginner), [nib]);
    const kinds = [bought?.item, ...(bought?.also ?? [])].map((item) => item?.kind).sort();
    expect(kinds).toEqual(['holder', 'ink', 'paper']);
    expect(bought?.verdict).not.toBe('incomplete');
  });

  it.each(HANDS.map(({ id }) => id))('for %s from an empty drawer can be written with', (hand) => {
    const bought = onePurchase(needFor(hand, beginner), []);
    if (!bought) return;
    const bench = [bought.item, ...bought.also];
    expect(
      explain(needFor(hand, beginner), match(needFor(hand, beginner), bench).ranked[0]?.kit ?? bought.kit)
        .verdict,
    ).not.toBe('incomplete');
  });

  it('goes on in steps: each betters what the steps before it have made, and none is proposed twice', () => {
    for (const { id } of HANDS) {
      const steps = purchases(needFor(id, beginner), []);
      const labels = steps.flatMap(({ item, also }) => [item, ...also].map(({ label }) => label));
      expect(new Set(labels).size, id).toBe(labels.length);
      for (const { gain } of steps.slice(1)) expect(gain, id).toBeGreaterThan(0);
    }
  });

  it('has a price where like things on the bench have one, and none where one is not known', () => {
    const bench = [
      thing('nib', 'pointed-nib', { price: 2 }),
      thing('old', 'pointed-nib', { price: 4, archived: true }),
    ];
    const item = thing('new', 'pointed-nib', {});
    expect(priceOf({ item, also: [] }, bench)).toBe(3);
    expect(priceOf({ item, also: [thing('ink', 'ink', {})] }, bench)).toBeUndefined();
    expect(
      priceOf({ item, also: [thing('ink', 'ink', {})] }, [...bench, thing('mine', 'ink', { price: 9 })]),
    ).toBe(12);
  });

  it('is never of what lies in the drawer', () => {
    for (const { id } of HANDS) {
      for (const experience of ['beginner', 'practised'] as const) {
        const bought = onePurchase(needFor(id, { experience }), DEMO_BENCH);
        for (const item of bought ? [bought.item, ...bought.also] : []) {
          const like = DEMO_BENCH.filter(
            (own) =>
              own.kind === item.kind &&
              own.wear !== 'worn out' &&
              own.width === item.width &&
              own.flex === item.flex &&
              own.holderType === item.holderType &&
              own.inkKind === item.inkKind &&
              own.sizing === item.sizing,
          );
          expect(
            like.map(({ id: own }) => own),
            `${id}: ${item.label}`,
          ).toEqual([]);
        }
      }
    }
  });
});

describe('what is not known', () => {
  it('is not said: how a pointed nib without ink spreads on copy paper', () => {
    const nib = thing('pointed', 'pointed-nib', { width: 0.8, flex: 'stiff' });
    const copy = thing('copy', 'paper', { surface: 'smooth', sizing: 'unsized', grams: 80, tone: 'white' });
    const { reasons, risks } = explain(needFor('copperplate'), { tool: nib, paper: copy });
    expect([...reasons, ...risks].map(({ reason }) => reason).join(' ')).not.toMatch(
      /feather|bears this line/,
    );
  });
});

describe('envelopes', () => {
  it('are written on envelopes where the drawer has some, and drills are not', () => {
    for (const hand of ['italic', 'copperplate', 'court'] as const) {
      const paperFor = (purpose: 'envelope' | 'drills') =>
        match(needFor(hand, { purpose }), DEMO_BENCH).ranked[0]?.kit.paper?.id;
      expect(paperFor('envelope'), hand).toBe('paper-envelope');
      expect(paperFor('drills'), hand).not.toBe('paper-envelope');
    }
  });
});

describe('the nib Hand writes a hand with', () => {
  it.each(HANDS.map(({ id }) => id))('is the one Kit ranks first for %s', (hand) => {
    const scribe = { side: 'right', experience: 'some', schools: USUAL_SCHOOLS } as const;
    const nib = bestNibFor(hand, DEMO_BENCH, scribe);
    const [first] = match(needFor(hand, scribe), DEMO_BENCH).ranked.filter(
      ({ kit }) => kit.tool.width !== null,
    );
    if (nib) expect(nib.id).toBe(first?.kit.tool.id);
  });
});
