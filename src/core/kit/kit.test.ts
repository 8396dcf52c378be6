import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HANDS } from '../hands/registry';
import { bestWith, slots } from './bestKit';
import { DEMO_BENCH } from './demoBench';
import { diagnose, nextTest } from './diagnose';
import { firstList } from './firstList';
import { blankItem, type Item } from './item';
import { parseItem } from './itemFormat';
import { type ItemKind, itemKinds } from './itemKinds';
import { judgeKit, type Kit } from './judgeKit';
import { explain, match } from './match';
import { type Need, needFor } from './need';
import { needSchema } from './needFormat';
import { preparation } from './prepare';
import { onePurchase } from './purchase';
import { reachOf } from './reach';
import { HOLDER_RULES } from './rules/holderRules';
import { takesHolder, takesInk } from './rules/traits';
import { seenWith } from './troubles';
import { type Asked, whyNot } from './whyNot';

const item = (
  kind: ItemKind,
  facts: Partial<Item> = {},
  id = `${kind} ${JSON.stringify(facts)}`.slice(0, 40),
): Item => ({
  ...blankItem(id, kind, facts.label ?? kind),
  ...facts,
});
const nib = (facts: Partial<Item> = {}) =>
  item('broad-nib', { width: 2.4, cut: 'square', shankRadius: 3.6, ...facts });
const point = (facts: Partial<Item> = {}) =>
  item('pointed-nib', { flex: 'stiff', shankRadius: 3.4, width: 0.8, ...facts });
const holder = (facts: Partial<Item> = {}) =>
  item('holder', { holderType: 'straight', fitsRadiusFrom: 3, fitsRadiusTo: 4, ...facts });
const ink = (facts: Partial<Item> = {}) =>
  item('ink', { inkKind: 'carbon', wetness: 3, opacity: 5, waterproof: true, ...facts });
const paper = (facts: Partial<Item> = {}) =>
  item('paper', { surface: 'smooth', sizing: 'hard', tone: 'white', ...facts });

const italic = needFor('italic');
const copper = needFor('copperplate');

/** One row a rule and verdict: what is judged, the rule, and what it must say. */
const ROWS: readonly [string, Need, Kit, string, 'good' | 'risk' | 'fails' | 'unknown' | 'silent'][] = [
  ['a broad nib writes italic', italic, { tool: nib() }, 'family', 'good'],
  ['a pointed nib cannot write italic', italic, { tool: point() }, 'family', 'fails'],
  ['a broad nib cannot write copperplate', copper, { tool: nib() }, 'family', 'fails'],
  ['a brush pen stands in for a point, badly', copper, { tool: item('brush-pen') }, 'family', 'risk'],
  [
    'the soft school begins with a brush',
    needFor('copperplate', { experience: 'beginner', schools: { ...copper.schools, firstPointed: 'soft' } }),
    { tool: item('brush-pen') },
    'family',
    'good',
  ],
  ['12 mm of italic from 2.4 mm', needFor('italic', { bodyMm: 12 }), { tool: nib() }, 'size', 'good'],
  [
    '20 mm of textura from 2.4 mm is far too light',
    needFor('textura', { bodyMm: 20 }),
    { tool: nib({ width: 2 }) },
    'size',
    'fails',
  ],
  [
    '20 mm of textura from 3.5 mm is a little light',
    needFor('textura', { bodyMm: 20 }),
    { tool: nib({ width: 3.5 }) },
    'size',
    'risk',
  ],
  ['a nib nobody measured', italic, { tool: nib({ width: null }) }, 'size', 'unknown'],
  [
    '6 mm is too large for an envelope',
    needFor('italic', { purpose: 'envelope' }),
    { tool: nib({ width: 6 }) },
    'size',
    'risk',
  ],
  [
    'nobody starts under 1.5 mm',
    needFor('italic', { experience: 'beginner' }),
    { tool: nib({ width: 1 }) },
    'learning',
    'risk',
  ],
  [
    '2.4 mm is a good first width',
    needFor('italic', { experience: 'beginner' }),
    { tool: nib() },
    'learning',
    'good',
  ],
  [
    'the large school wants 4 mm',
    needFor('italic', { experience: 'beginner', schools: { ...italic.schools, firstNib: 'large' } }),
    { tool: nib() },
    'learning',
    'risk',
  ],
  [
    'a stiff nib for a beginner',
    needFor('copperplate', { experience: 'beginner' }),
    { tool: point() },
    'flexibility',
    'good',
  ],
  [
    'a flexible nib for a beginner',
    needFor('copperplate', { experience: 'beginner' }),
    { tool: point({ flex: 'very flexible' }) },
    'flexibility',
    'risk',
  ],
  ['a flexibility nobody tried', copper, { tool: point({ flex: null }) }, 'flexibility', 'unknown'],
  ['a worn-out nib', italic, { tool: nib({ wear: 'worn out' }) }, 'wear', 'risk'],
  [
    'a left-oblique cut for a left hand',
    needFor('italic', { side: 'left' }),
    { tool: nib({ cut: 'left-oblique' }) },
    'handedness',
    'good',
  ],
  [
    'a right-oblique cut for a left hand',
    needFor('italic', { side: 'left' }),
    { tool: nib({ cut: 'right-oblique' }) },
    'handedness',
    'risk',
  ],
  [
    'a felt marker for a class',
    needFor('uncial', { purpose: 'class' }),
    { tool: item('felt-marker', { width: 3 }) },
    'purpose',
    'good',
  ],
  [
    'a felt marker for a finished piece',
    needFor('uncial', { purpose: 'finished piece' }),
    { tool: item('felt-marker', { width: 3 }) },
    'purpose',
    'risk',
  ],
  ['a shank that fits', italic, { tool: nib(), holder: holder() }, 'socket', 'good'],
  [
    'a shank too slim for the holder',
    copper,
    { tool: point({ shankRadius: 1.3 }), holder: holder() },
    'socket',
    'fails',
  ],
  [
    'a shank too round for the holder',
    copper,
    { tool: point({ shankRadius: 4.4 }), holder: holder() },
    'socket',
    'fails',
  ],
  [
    'a broad nib in an oblique slot',
    italic,
    { tool: nib(), holder: holder({ holderType: 'oblique' }) },
    'socket',
    'fails',
  ],
  [
    'a shank nobody measured',
    italic,
    { tool: nib({ shankRadius: null, shankWidth: null }), holder: holder() },
    'socket',
    'unknown',
  ],
  [
    'an oblique holder for a right hand',
    needFor('copperplate'),
    { tool: point(), holder: holder({ holderType: 'oblique' }) },
    'slant',
    'good',
  ],
  [
    'an oblique holder for a left hand',
    needFor('copperplate', { side: 'left' }),
    { tool: point(), holder: holder({ holderType: 'oblique' }) },
    'slant',
    'risk',
  ],
  [
    'a thin grip for a beginner',
    needFor('italic', { experience: 'beginner' }),
    { tool: nib(), holder: holder({ grip: 4 }) },
    'grip',
    'risk',
  ],
  [
    'india ink in a cartridge pen',
    italic,
    { tool: item('cartridge-pen', { width: 2 }), ink: ink({ inkKind: 'india' }) },
    'harm',
    'fails',
  ],
  [
    'dye ink in a cartridge pen',
    italic,
    { tool: item('cartridge-pen', { width: 2 }), ink: ink({ inkKind: 'dye' }) },
    'harm',
    'good',
  ],
  ['acrylic on a dip nib', italic, { tool: nib(), ink: ink({ inkKind: 'acrylic' }) }, 'harm', 'risk'],
  ['an ink without a label', italic, { tool: nib(), ink: ink({ inkKind: null }) }, 'harm', 'unknown'],
  [
    'a cartridge of another fitting',
    italic,
    {
      tool: item('cartridge-pen', { width: 2, fitting: 'short' }),
      ink: ink({ inkKind: 'dye', fitting: 'long' }),
    },
    'fitting',
    'fails',
  ],
  [
    'a wide nib without reservoir',
    italic,
    { tool: nib({ width: 4, reservoir: false }), ink: ink() },
    'load',
    'risk',
  ],
  [
    'metallic ink for a beginner',
    needFor('italic', { experience: 'beginner' }),
    { tool: nib(), ink: ink({ inkKind: 'metallic' }) },
    'ease',
    'risk',
  ],
  ['the last millilitre', italic, { tool: nib(), ink: ink({ millilitres: 1 }) }, 'supply', 'risk'],
  [
    'dye in a finished piece fades',
    needFor('italic', { purpose: 'finished piece' }),
    { tool: nib(), ink: ink({ inkKind: 'dye' }) },
    'lasting',
    'risk',
  ],
  [
    'a waterproof ink on an envelope',
    needFor('italic', { purpose: 'envelope' }),
    { tool: nib(), ink: ink() },
    'lasting',
    'good',
  ],
  [
    'a rough sheet under a point',
    copper,
    { tool: point(), paper: paper({ surface: 'rough' }) },
    'surface',
    'risk',
  ],
  [
    'a very smooth sheet under a point',
    copper,
    { tool: point(), paper: paper({ surface: 'very smooth' }) },
    'surface',
    'good',
  ],
  [
    'slow drying under a left hand',
    needFor('italic', { side: 'left' }),
    { tool: nib(), paper: paper({ surface: 'very smooth' }) },
    'drying',
    'risk',
  ],
  ['good paper for drills', italic, { tool: nib(), paper: paper({ grams: 300 }) }, 'worth', 'risk'],
  [
    'a wet wide line on unsized paper',
    italic,
    { tool: item('plate-pen', { width: 5 }), ink: ink({ wetness: 5 }), paper: paper({ sizing: 'unsized' }) },
    'feathering',
    'risk',
  ],
  [
    'a fine dry line on hard paper',
    italic,
    { tool: nib({ width: 1 }), ink: ink({ wetness: 2 }), paper: paper() },
    'feathering',
    'good',
  ],
  [
    'a marker on cheap paper',
    italic,
    { tool: item('felt-marker', { width: 2 }), paper: paper({ sizing: 'unsized' }) },
    'feathering',
    'good',
  ],
  [
    'a paper nobody tried',
    italic,
    { tool: nib(), ink: ink(), paper: paper({ sizing: null }) },
    'feathering',
    'unknown',
  ],
  [
    'black ink on dark paper',
    italic,
    { tool: nib(), ink: ink(), paper: paper({ tone: 'dark' }) },
    'cover',
    'risk',
  ],
  [
    'white ink on dark paper',
    italic,
    { tool: nib(), ink: ink({ light: true }), paper: paper({ tone: 'dark' }) },
    'cover',
    'silent',
  ],
  [
    'white ink on white paper',
    italic,
    { tool: nib(), ink: ink({ light: true }), paper: paper() },
    'cover',
    'risk',
  ],
];

describe('rules', () => {
  it.each(ROWS)('%s', (_, need, kit, rule, verdict) => {
    const found = judgeKit(need, kit).find((one) => one.rule === rule);
    const says = !found
      ? 'silent'
      : found.fails
        ? 'fails'
        : found.unknown
          ? 'unknown'
          : found.points > 0
            ? 'good'
            : 'risk';
    expect(says).toBe(verdict);
    if (found && found.points < 0 && !found.unknown) expect(found.cure ?? found.reason).toMatch(/\w/);
  });
});

describe('the demo drawer', () => {
  const names = (kit: Kit) => Object.values(kit).map(({ id }: Item) => id);

  it('copperplate for a left-handed beginner: a stiff nib, straight', () => {
    const need = needFor('copperplate', { experience: 'beginner', side: 'left', purpose: 'first tries' });
    const { ranked, refused } = match(need, DEMO_BENCH);
    expect(names(ranked[0]?.kit as Kit)).toEqual([
      'pointed-stiff',
      'holder-straight',
      'ink-carbon',
      'paper-layout',
    ]);
    const elbow = refused.find(({ items }) => items[0]?.id === 'elbow' && items[1]?.id === 'holder-oblique');
    expect(elbow?.reason).toContain(
      'arc of 4.4 mm radius; “oblique holder with a fixed flange” takes at most 3.8 mm',
    );
  });

  it('textura at 20 mm: the 4 mm nib', () => {
    const [first] = match(needFor('textura', { bodyMm: 20 }), DEMO_BENCH).ranked;
    expect(first?.kit.tool.id).toBe('square-4');
    expect(first?.verdict).toBe('fits');
    expect(first?.reasons[0]?.reason).toContain('5 nib widths');
  });

  it('an italic envelope on cheap paper: nothing wide and wet', () => {
    const cheap = DEMO_BENCH.filter(({ kind, id }) => kind !== 'paper' || id === 'paper-copy');
    const [first] = match(needFor('italic', { purpose: 'envelope' }), cheap).ranked;
    expect(first?.kit.tool.width).toBeLessThanOrEqual(2);
    expect(first?.risks.map(({ rule }) => rule)).not.toContain('feathering');
  });

  it('an uncial class of twelve: markers', () => {
    const need = needFor('uncial', { purpose: 'class', experience: 'beginner' });
    expect(match(need, DEMO_BENCH).ranked[0]?.kit.tool.kind).toBe('felt-marker');
  });

  it('says why not, what to buy, and what one nib can do', () => {
    const need = needFor('italic');
    const byId = (id: string) => DEMO_BENCH.find((one) => one.id === id) as Item;
    const against = (asked: Asked) =>
      whyNot(need, DEMO_BENCH, asked).against.map(
        ({ judgement, weight }) => `${judgement.reason} (${weight})`,
      );
    expect(against({ tool: byId('pointed-stiff') })[0]).toMatch(/cannot make its strokes.*\(rules it out\)/);
    expect(against({ paper: byId('paper-night') })[0]).toMatch(/does not show on dark paper.*most heavily/);
    expect(against({ holder: byId('holder-oblique') })[0]).toMatch(/falls out.*\(rules it out\)/);
    // Whatever writes copperplate without a holder is left out too.
    const noHolders = DEMO_BENCH.filter(({ kind }) => kind !== 'holder' && kind !== 'flexible-fountain-pen');
    const bought = onePurchase(needFor('copperplate'), noHolders);
    expect(bought?.item.kind).toBe('holder');
    expect(bought?.gain).toBeGreaterThan(30);
    expect(onePurchase(needFor('copperplate'), noHolders, ['ink'])?.item.kind).not.toBe('holder');
    const reach = reachOf(byId('square-2-4'), DEMO_BENCH, needFor('italic'));
    expect(reach.map(({ hand }) => hand)).toContain('italic');
    expect(reach.map(({ hand }) => hand)).not.toContain('copperplate');
    expect(reach.find(({ hand }) => hand === 'italic')?.body?.[0]).toBeCloseTo(9.6, 9);
  });

  it('a coated nib is prepared before it is seated, gently first, and never by flame', () => {
    const kit = {
      tool: DEMO_BENCH.find(({ id }) => id === 'pointed-flexible') as Item,
      holder: holder(),
      ink: ink(),
      paper: paper(),
    };
    const steps = preparation(needFor('copperplate'), kit);
    expect(steps.map(({ id }) => id).slice(0, 2)).toEqual(['coating', 'seat']);
    expect(steps[0]?.what.indexOf('soap')).toBeLessThan(steps[0]?.what.indexOf('alcohol') as number);
    expect(steps[0]?.not).toContain('Do not burn');
    expect(preparation(needFor('copperplate'), { ...kit, tool: point({ coated: false }) })[0]?.id).toBe(
      'seat',
    );
  });
});

describe('what a demanding user caught', () => {
  const byId = (id: string) => DEMO_BENCH.find((one) => one.id === id) as Item;
  const beginner = needFor('italic', { experience: 'beginner', purpose: 'first tries' });

  it('two bound pencils are a good beginning, on copy paper nobody has listed', () => {
    const [first] = match(beginner, [byId('two-pencils')]).ranked;
    expect(first?.verdict).not.toMatch(/poor|incomplete/);
    expect(first?.risks).toEqual([]);
    expect(first?.reasons.map(({ reason }) => reason).join(' ')).toContain('cheapest way to learn');
  });

  it('a marker needs no listed paper either; a dip nib does', () => {
    expect(match(beginner, [byId('felt-2')]).ranked[0]?.verdict).not.toBe('incomplete');
    expect(match(beginner, [byId('square-2')]).ranked[0]?.verdict).toBe('incomplete');
  });

  it('pencils are prepared by binding them, and never blob, bead or part into rails', () => {
    const kit = { tool: byId('two-pencils') };
    expect(preparation(beginner, kit).map(({ id }) => id)).toEqual(['bind', 'level', 'test', 'body']);
    expect(seenWith('pencils')).toEqual(
      expect.not.arrayContaining(['two rails', 'blob', 'beads', 'ragged edge']),
    );
    for (const seen of seenWith('pencils')) {
      const causes = diagnose(seen, kit, {}, []).filter(({ chance }) => chance > 0);
      expect(causes.map(({ cause }) => cause.name).join(' ')).not.toMatch(
        /ink|tines|seated|reservoir|coating/,
      );
      const test = nextTest(seen, kit, {}, []);
      expect(test?.question ?? '').not.toMatch(/Dip|water|tips|pot/);
    }
  });

  it('an empty drawer is told what to begin with, for each hand and school, and what not to buy yet', () => {
    for (const { id } of HANDS) {
      for (const firstNib of ['medium', 'large'] as const) {
        for (const firstPointed of ['stiff', 'soft', 'oblique'] as const) {
          const need = needFor(id, { schools: { ...italic.schools, firstNib, firstPointed } });
          const { things, notYet } = firstList(need);
          expect(things.length).toBeGreaterThanOrEqual(1);
          expect(things.length).toBeLessThanOrEqual(3);
          expect(notYet.length).toBeGreaterThanOrEqual(1);
        }
      }
    }
    const of = (firstPointed: 'stiff' | 'soft' | 'oblique', side: 'left' | 'right' = 'right') =>
      firstList(needFor('copperplate', { side, schools: { ...italic.schools, firstPointed } })).things[0]
        ?.what;
    expect(of('stiff')).toContain('straight holder');
    expect(of('soft')).toContain('soft pencil');
    expect(of('oblique')).toContain('oblique holder');
    expect(of('oblique', 'left')).toContain('straight holder');
  });

  it('an elbow nib is not scolded for its straight holder, nor a tube nib for its own', () => {
    const need = needFor('copperplate', { schools: { ...copper.schools, holder: 'oblique' } });
    const slant = (tool: Item, held: Item) =>
      judgeKit(need, { tool, holder: held }).find(({ rule }) => rule === 'slant');
    expect(slant(byId('elbow'), byId('holder-cork'))?.points).toBeGreaterThan(0);
    expect(slant(byId('crow-quill'), byId('holder-tube'))).toBeUndefined();
    expect(slant(byId('pointed-stiff'), byId('holder-straight'))?.points).toBeLessThan(0);
  });

  it('right is what lies in the hand’s range, and nothing beyond it', () => {
    const size = (width: number, bodyMm: number) =>
      judgeKit(needFor('italic', { bodyMm }), { tool: nib({ width }) }).find(({ rule }) => rule === 'size');
    expect(size(2.4, 15)?.reason).toContain('6.3 nib widths, a little too light for Italic');
    expect(size(2.4, 14.4)?.reason).toContain('6 nib widths: right for Italic');
    expect(size(2.4, 9.6)?.reason).toContain('4 nib widths: right for Italic');
    expect(size(2.4, 9)?.reason).toContain('a little too black');
  });

  it('a brush has no edge that glides', () => {
    const found = judgeKit(needFor('brush'), { tool: byId('brush-small'), paper: byId('paper-smooth') });
    expect(found.map(({ reason }) => reason).join(' ')).not.toMatch(/edge/);
  });

  it('the wettest pen goes to the sized pad before paper nobody has tried', () => {
    const [first] = match(needFor('italic'), [
      byId('plate-4'),
      { ...ink({ wetness: 5 }), label: 'wet ink' },
      byId('paper-smooth'),
      byId('paper-envelope'),
    ]).ranked;
    expect(first?.kit.paper?.id).toBe('paper-smooth');
  });

  it('not knowing is never better than knowing, whatever the fact turns out to be', () => {
    const facts = {
      sizing: ['unsized', 'light', 'hard'],
      surface: ['very smooth', 'smooth', 'textured', 'rough'],
    } as const;
    const score = (need: Need, kit: Kit) => judgeKit(need, kit).reduce((sum, { points }) => sum + points, 0);
    fc.assert(
      fc.property(
        fc.constantFrom('italic', 'copperplate'),
        fc.constantFrom('drills', 'envelope', 'finished piece') as fc.Arbitrary<Need['purpose']>,
        fc.constantFrom('sizing', 'surface'),
        fc.double({ min: 0.6, max: 5, noNaN: true }),
        fc.integer({ min: 1, max: 5 }),
        (hand, purpose, fact, width, wetness) => {
          const need = needFor(hand, { purpose });
          const tool = hand === 'italic' ? nib({ width }) : point();
          const kit = (value: string | null) => ({
            tool,
            holder: holder(),
            ink: ink({ wetness }),
            paper: paper({ [fact]: value }),
          });
          for (const value of facts[fact]) {
            expect(score(need, kit(null))).toBeLessThanOrEqual(score(need, kit(value)));
          }
        },
      ),
    );
  });

  it('what is not known is said to be so, and is no verdict on the thing', () => {
    const kit = { tool: nib(), holder: holder(), ink: ink(), paper: paper({ sizing: null, surface: null }) };
    const { verdict, unknown } = explain(needFor('italic'), kit);
    expect(verdict).toBe('unsure');
    expect(unknown.map(({ of }) => of)).toEqual([kit.paper.id, kit.paper.id]);
  });

  it('“why not” answers about what was asked, and never about another tool', () => {
    const pair = { tool: byId('cartridge-2'), ink: byId('ink-india') };
    const { sentence, against } = whyNot(needFor('italic'), DEMO_BENCH, pair);
    expect(sentence).toBe('“cartridge pen with a 1.9 mm italic nib” with “india ink” cannot be used.');
    expect(against.map(({ judgement }) => judgement.rule)).toEqual(['harm', 'supply']);
    const others = DEMO_BENCH.filter(({ id, kind }) => id !== 'square-5' && kind.endsWith('nib'));
    const alone = whyNot(needFor('italic', { purpose: 'envelope' }), DEMO_BENCH, { tool: byId('square-5') });
    expect(alone.against[0]?.weight).toMatch(/weighs/);
    for (const { label } of others) expect(JSON.stringify(alone.against)).not.toContain(label);
    expect(
      whyNot(needFor('italic'), DEMO_BENCH, { tool: byId('felt-2'), holder: byId('holder-straight') })
        .sentence,
    ).toBe('“2 mm broad marker” needs no holder.');
  });

  it('a purchase never promises less than there is', () => {
    for (const { id } of HANDS) {
      for (const bench of [[], [byId('two-pencils')], [byId('felt-2')], DEMO_BENCH]) {
        const bought = onePurchase(needFor(id), bench);
        if (bought?.gain !== undefined) expect(bought.gain).toBeGreaterThan(0);
      }
    }
  });

  it('articles and numbers agree', () => {
    const said = HANDS.flatMap(({ id }) =>
      DEMO_BENCH.flatMap((tool) =>
        ['holder-straight', 'holder-oblique'].flatMap((held) =>
          judgeKit(needFor(id), { tool, holder: byId(held) }).flatMap(({ reason, cure }) => [
            reason,
            cure ?? '',
          ]),
        ),
      ),
    ).join(' ');
    expect(said).not.toMatch(/\ba (?:[aeio]\w+)/i);
    expect(said).not.toMatch(/\bA two\b|pencils makes/);
  });
});

const anItem: fc.Arbitrary<Item> = fc
  .record({
    id: fc.uuid(),
    kind: fc.constantFrom(...itemKinds()),
    width: fc.option(fc.double({ min: 0.5, max: 3, noNaN: true })),
    cut: fc.constantFrom('square', 'left-oblique', 'right-oblique', null),
    flex: fc.constantFrom('stiff', 'flexible', 'very flexible', null),
    shankRadius: fc.option(fc.double({ min: 1, max: 6, noNaN: true })),
    wear: fc.constantFrom('none', 'some', 'worn out', null),
    holderType: fc.constantFrom('straight', 'oblique', 'two-in-one', null),
    fitsRadiusFrom: fc.option(fc.double({ min: 1, max: 3, noNaN: true })),
    fitsRadiusTo: fc.option(fc.double({ min: 3, max: 6, noNaN: true })),
    inkKind: fc.constantFrom('dye', 'carbon', 'india', 'gouache', null),
    wetness: fc.option(fc.integer({ min: 1, max: 5 })),
    opacity: fc.option(fc.integer({ min: 1, max: 5 })),
    light: fc.constantFrom(true, false, null),
    surface: fc.constantFrom('very smooth', 'smooth', 'rough', null),
    sizing: fc.constantFrom('unsized', 'light', 'hard', null),
    tone: fc.constantFrom('white', 'dark', null),
    grams: fc.option(fc.integer({ min: 60, max: 300 })),
  })
  .map(({ id, kind, ...facts }) => ({ ...blankItem(id, kind, `${kind} ${id}`), ...facts }) as Item);
const aBench = fc.uniqueArray(anItem, { maxLength: 14, selector: ({ id }) => id });
const aNeed = fc
  .record({
    hand: fc.constantFrom('italic', 'copperplate', 'uncial', 'textura') as fc.Arbitrary<Need['hand']>,
    purpose: fc.constantFrom('drills', 'envelope', 'finished piece', 'class') as fc.Arbitrary<
      Need['purpose']
    >,
    bodyMm: fc.option(fc.double({ min: 4, max: 30, noNaN: true })),
    experience: fc.constantFrom('beginner', 'some', 'practised') as fc.Arbitrary<Need['experience']>,
    side: fc.constantFrom('right', 'left') as fc.Arbitrary<Need['side']>,
  })
  .map(({ hand, ...more }) => needFor(hand, more));

const bestScore = (need: Need, bench: readonly Item[]) =>
  match(need, bench).ranked[0]?.score ?? Number.NEGATIVE_INFINITY;

describe('any bench', () => {
  it('is ranked as trying every combination would rank it', () => {
    fc.assert(
      fc.property(aNeed, aBench, (need, bench) => {
        const { tools, holders, inks, papers } = slots(bench);
        let best = Number.NEGATIVE_INFINITY;
        for (const tool of tools) {
          for (const oneHolder of takesHolder(tool.kind) ? [...holders, undefined] : [undefined]) {
            for (const oneInk of takesInk(tool.kind) ? [...inks, undefined] : [undefined]) {
              for (const onePaper of [...papers, undefined]) {
                const judgements = judgeKit(need, {
                  tool,
                  ...(oneHolder && { holder: oneHolder }),
                  ...(oneInk && { ink: oneInk }),
                  ...(onePaper && { paper: onePaper }),
                });
                if (judgements.some(({ fails }) => fails)) continue;
                best = Math.max(
                  best,
                  judgements.reduce((sum, { points }) => sum + points, 0),
                );
              }
            }
          }
        }
        expect(bestScore(need, bench)).toBeCloseTo(best, 9);
      }),
      { numRuns: 150 },
    );
  });

  it('is never made worse by one thing more', () => {
    fc.assert(
      fc.property(aNeed, aBench, anItem, (need, bench, more) => {
        expect(bestScore(need, [...bench, more])).toBeGreaterThanOrEqual(bestScore(need, bench));
      }),
      { numRuns: 150 },
    );
  });

  it('is not changed by taking away what the best kit does not use', () => {
    fc.assert(
      fc.property(aNeed, aBench, (need, bench) => {
        const first = match(need, bench).ranked[0];
        if (!first) return;
        const used = new Set(Object.values(first.kit).map(({ id }: Item) => id));
        const unused = bench.find(({ id }) => !used.has(id));
        const rest = match(
          need,
          bench.filter((one) => one !== unused),
        ).ranked[0];
        expect(rest?.kit).toEqual(first.kit);
      }),
      { numRuns: 150 },
    );
  });

  it('is ranked alike in whatever order it lies', () => {
    fc.assert(
      fc.property(aNeed, aBench, fc.infiniteStream(fc.nat()), (need, bench, numbers) => {
        const shuffled = bench
          .map((one) => ({ one, key: numbers.next().value as number }))
          .sort((a, b) => a.key - b.key)
          .map(({ one }) => one);
        expect(match(need, shuffled)).toEqual(match(need, bench));
      }),
      { numRuns: 100 },
    );
  });

  it('ranks no kit that has failed, and finds the best kit with any one thing', () => {
    fc.assert(
      fc.property(aNeed, aBench, (need, bench) => {
        for (const { kit } of match(need, bench).ranked) {
          expect(judgeKit(need, kit).some(({ fails }) => fails)).toBe(false);
        }
        for (const one of bench) {
          const found = bestWith(need, bench, one);
          if (found) expect(found.score).toBeLessThanOrEqual(bestScore(need, bench) + 1e-9);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('a thing nobody has described', () => {
  it.each(itemKinds())('%s: is what reading it from outside would make of it', (kind) => {
    expect(blankItem('a', kind, 'new')).toEqual(parseItem({ id: 'a', kind, label: 'new' }));
  });

  it.each(HANDS.map(({ id }) => id))('a need nobody has described, for %s, likewise', (hand) => {
    expect(needFor(hand)).toEqual(needSchema.parse({ hand }));
  });
});

describe('facts that contradict each other', () => {
  it('are refused with the nearest that works', () => {
    expect(() => parseItem({ id: 'a', kind: 'pointed-nib', label: 'x', width: 5 })).toThrow(
      /nearest that works is 3 mm/,
    );
    expect(() =>
      parseItem({ id: 'a', kind: 'broad-nib', label: 'x', cut: 'square', cutDegrees: 10 }),
    ).toThrow(/square cut has none/);
    expect(() => parseItem({ id: 'a', kind: 'ink', label: 'x', wetness: 9 })).toThrow(
      /Wetness is 9 of 5; the nearest that works is 5/,
    );
    expect(() => parseItem({ id: 'a', kind: 'ink', label: 'x', smell: 'strong' })).toThrow(
      /does not know: “smell”/,
    );
    expect(() => parseItem({ id: 'a', kind: 'ink', label: 'x', colour: 'red' })).toThrow(/such as #1f3a6e/);
    expect(() => parseItem({ id: 'a', kind: 'ink', label: '' })).toThrow(/needs a name/);
    expect(() =>
      parseItem({ id: 'a', kind: 'ink', label: 'x', photo: 'data:image/svg+xml;base64,AAAA' }),
    ).toThrow(/id of a picture/);
  });
});

describe('a nib and a holder that were tried together', () => {
  const byId = (id: string) => DEMO_BENCH.find((one) => one.id === id) as Item;
  const socket = (tool: string, holder: string, how?: 'true' | 'crooked' | 'loose') =>
    HOLDER_RULES.socket?.(
      needFor('copperplate', how && { tried: [{ tool, holder, how }] }),
      byId(tool),
      byId(holder),
    );

  it('are judged by that, whatever their measures say', () => {
    // By its measures the elbow nib does not go into this flange, and the stiff one does.
    expect(socket('elbow', 'holder-oblique')?.fails).toBe(true);
    expect(socket('elbow', 'holder-oblique', 'true')).toMatchObject({ points: 10 });
    expect(socket('pointed-stiff', 'holder-straight')?.points).toBeGreaterThan(0);
    expect(socket('pointed-stiff', 'holder-straight', 'loose')).toMatchObject({ fails: true });
    const crooked = socket('pointed-stiff', 'holder-straight', 'crooked');
    expect(crooked?.fails).toBeUndefined();
    expect(crooked?.points).toBeLessThan(0);
    // A holder nobody has measured is no longer unknown.
    expect(socket('pointed-stiff', 'holder-cork')?.unknown).toBeDefined();
    expect(socket('pointed-stiff', 'holder-cork', 'true')?.unknown).toBeUndefined();
  });

  it('say nothing of other pairs', () => {
    const need = needFor('copperplate', {
      tried: [{ tool: 'pointed-stiff', holder: 'holder-tube', how: 'loose' }],
    });
    expect(HOLDER_RULES.socket?.(need, byId('pointed-stiff'), byId('holder-straight'))).toEqual(
      socket('pointed-stiff', 'holder-straight'),
    );
  });
});
