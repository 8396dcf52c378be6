import { expect, it } from 'vitest';
import { HANDS } from '@/core/hands/registry';
import { TESTS } from '@/core/kit/cheapTests';
import { CSV_COLUMNS, decodeText, fateOf, readHeadings, readRow, rowOf } from '@/core/kit/csv';
import { DEMO_BENCH } from '@/core/kit/demoBench';
import { diagnose, nextTest } from '@/core/kit/diagnose';
import { factsOf } from '@/core/kit/facts';
import { adviseEdge, adviseSlant, flangeWanted, pageTurnForEdge, penAngleOf } from '@/core/kit/grip';
import type { Item } from '@/core/kit/item';
import { parseItem } from '@/core/kit/itemFormat';
import { isTool, itemKinds } from '@/core/kit/itemKinds';
import type { Kit } from '@/core/kit/judgeKit';
import { explain, match, type RankedKit } from '@/core/kit/match';
import { COMPLAINTS, dropFrom, nextDrop, scaleMix, volumeOf } from '@/core/kit/mix';
import { mixSchema } from '@/core/kit/mixFormat';
import { mixLabel } from '@/core/kit/mixLabel';
import { mostBody, type Need, needFor, SCHOOLS, widthFor } from '@/core/kit/need';
import { preparation, stillToDo } from '@/core/kit/prepare';
import { describePurchase, onePurchase } from '@/core/kit/purchase';
import { reachOf } from '@/core/kit/reach';
import { HOLDER_RULES } from '@/core/kit/rules/holderRules';
import { INK_RULES } from '@/core/kit/rules/inkRules';
import { PAPER_RULES, SPREAD_RULES } from '@/core/kit/rules/paperRules';
import { TOOL_RULES } from '@/core/kit/rules/toolRules';
import { SEEN } from '@/core/kit/seen';
import { CAUSES } from '@/core/kit/troubles';
import { usedBy } from '@/core/kit/use';
import { type Asked, whyNot } from '@/core/kit/whyNot';
import { Problem } from '@/core/problem/problem';
import { digest } from '../support/digest';
import { outline } from '../support/outline';

const approve = (name: string, value: unknown) =>
  expect(`${outline(value)}\n`).toMatchFileSnapshot(`./values/kit.${name}.txt`);

const NEEDS: readonly Need[] = [
  ...HANDS.map(({ id }) => needFor(id)),
  needFor('italic', { experience: 'beginner', side: 'left', purpose: 'first tries' }),
  needFor('italic', { bodyMm: 12, purpose: 'finished piece' }),
  needFor('copperplate', { experience: 'beginner', side: 'left' }),
  needFor('copperplate', { experience: 'practised', purpose: 'envelope' }),
  needFor('uncial', { purpose: 'class', experience: 'beginner' }),
];
const named = ({ tool, holder, ink, paper }: Kit) =>
  [tool, holder, ink, paper].map((one) => one?.id ?? '–').join(' + ');
const of = (kind: Item['kind']) => DEMO_BENCH.filter((item) => item.kind === kind);
/** A thing as it is asked about; sundries are not. */
const asAsked = (item: Item): Asked[] =>
  isTool(item.kind) ? [{ tool: item }] : item.kind === 'sundry' ? [] : [{ [item.kind]: item }];
const problemOf = (work: () => unknown): string => {
  try {
    return outline(work());
  } catch (error) {
    if (error instanceof Problem) return `${error.field}: ${error.message}`;
    throw error;
  }
};

it('matches, with their reasons, are as was approved', async () => {
  const found = NEEDS.map((need) => {
    const { ranked, refused } = match(need, DEMO_BENCH);
    return {
      need: JSON.stringify(need),
      ranked: ranked.slice(0, 3).map(({ kit, score, verdict, reasons, risks, unknown, folded }) => ({
        kit: named(kit),
        score,
        verdict,
        reasons: reasons.map(({ reason }) => reason),
        risks: risks.map(({ reason, cure }) => `${reason} ${cure ?? ''}`.trim()),
        unknown,
        folded: folded.map(({ id }) => id).join(' '),
      })),
      others: digest(ranked.map(({ kit, score, verdict }) => [named(kit), score, verdict])),
      refused: refused
        .slice(0, 8)
        .map(({ items, reason, cure }) => `${items.map(({ id }) => id)}: ${reason} ${cure ?? ''}`.trim()),
    };
  });
  await approve('matches', found);
});

it('every rule says of every thing what was approved', async () => {
  const paper = of('paper');
  const tools = DEMO_BENCH.filter(({ kind }) => isTool(kind));
  const judged = NEEDS.slice(-6).flatMap((need) =>
    tools.flatMap((tool) => {
      const said = (name: string, judgement: object | undefined) =>
        judgement ? [`${name}: ${outline(judgement).replaceAll('\n', '; ')}`] : [];
      return [
        ...Object.entries(TOOL_RULES).flatMap(([name, rule]) => said(name, rule(need, tool))),
        ...of('holder')
          .slice(0, 3)
          .flatMap((holder) =>
            Object.entries(HOLDER_RULES).flatMap(([name, rule]) => said(name, rule(need, tool, holder))),
          ),
        ...of('ink').flatMap((ink) =>
          Object.entries(INK_RULES).flatMap(([name, rule]) => said(name, rule(need, tool, ink))),
        ),
        ...paper.flatMap((sheet) =>
          Object.entries(PAPER_RULES).flatMap(([name, rule]) => said(name, rule(need, tool, sheet))),
        ),
        ...of('ink')
          .slice(0, 3)
          .flatMap((ink) =>
            paper
              .slice(0, 4)
              .flatMap((sheet) =>
                Object.entries(SPREAD_RULES).flatMap(([name, rule]) =>
                  said(name, rule(need, tool, ink, sheet)),
                ),
              ),
          ),
      ];
    }),
  );
  await approve('rules', [...new Set(judged)].sort());
});

const inWords = ({ score, reasons, risks, unknown }: RankedKit) => ({
  score,
  reasons: reasons.map(({ rule, points, reason }) => `${rule} ${points}: ${reason}`),
  risks: risks.map(({ rule, points, reason, cure }) => `${rule} ${points}: ${reason} ${cure}`),
  unknown: unknown.map((one) => outline(one).replaceAll('\n', '; ')),
});

it('purchases, reach, preparation and refusals of one thing are as was approved', async () => {
  const [italic, copper] = [needFor('italic'), needFor('copperplate')];
  const found = NEEDS.map((need) => {
    const best = match(need, DEMO_BENCH).ranked[0];
    const bought = onePurchase(
      need,
      DEMO_BENCH.filter(({ kind }) => kind !== 'holder' && kind !== 'paper'),
    );
    return {
      need: `${need.hand} ${need.purpose} ${need.experience} ${need.side}`,
      widths: `${(need.bodyMm !== null && widthFor(need.hand, need.bodyMm)) || 'any'} wanted, body to ${mostBody(need)}`,
      bought: bought && { what: describePurchase(bought), gain: bought.gain, reasons: bought.reasons },
      steps: best && preparation(need, best.kit).map((step) => outline(step).replaceAll('\n', '; ')),
      open: best && stillToDo(need, best.kit),
      explained: best && inWords(explain(need, best.kit)),
    };
  });
  await approve('advice', {
    found,
    reach: DEMO_BENCH.flatMap((tool) =>
      reachOf(tool, DEMO_BENCH, italic).map(
        (reach) => `${tool.id}: ${reach.hand} ${reach.verdict} ${reach.body ?? ''} ${reach.sentence}`,
      ),
    ),
    whyNot: DEMO_BENCH.flatMap((item) =>
      [italic, copper].flatMap((need) =>
        asAsked(item).map((asked) => {
          const { sentence, against } = whyNot(need, DEMO_BENCH, asked);
          const said = against.map(({ judgement, weight }) => `${judgement.reason} (${weight})`);
          return `${need.hand}, ${item.id}: ${[sentence, ...said].join(' ')}`;
        }),
      ),
    ),
    schools: Object.entries(SCHOOLS).map(([id, school]) => `${id}: ${JSON.stringify(school)}`),
  });
});

const MIX = {
  id: 'm',
  label: 'night blue',
  base: 'gouache',
  baseMl: 5,
  waterMl: 2,
  gumDrops: 3,
  consistency: 'thin cream',
  madeAt: '2026-01-02T03:04:05Z',
};

it('grip, mixing, diagnosis and use are as was approved', async () => {
  const [first] = match(needFor('copperplate'), DEMO_BENCH).ranked;
  const kit = (first as NonNullable<typeof first>).kit;
  const mix = mixSchema.parse(MIX);
  const log = [
    { complaint: 'too thin', addition: 'gum', helped: true },
    { complaint: 'too thin', addition: 'gum', helped: true },
    { complaint: 'too thin', addition: 'base', helped: false },
  ] as const;
  await approve('desk', {
    edges: [-20, 65, 110, 122, 135].flatMap((pointing) =>
      [15, 30, 45].map((wanted) => ({
        pointing,
        wanted,
        ...adviseEdge(pointing, wanted),
        plain: penAngleOf(pointing, 10, 5),
        turn: pageTurnForEdge(pointing, wanted, 5),
      })),
    ),
    slants: [65, 110, 122].flatMap((pointing) =>
      [52, 55, 80].map((slant) => ({
        pointing,
        slant,
        ...adviseSlant(pointing, slant, 10),
        flange: flangeWanted(pointing, slant),
      })),
    ),
    drops: COMPLAINTS.flatMap((complaint) => [nextDrop(complaint, []), nextDrop(complaint, log)]),
    volume: volumeOf(mix, dropFrom(20, 1)),
    scaled: scaleMix(mix, 2, 0.05),
    label: digest(mixLabel(mix).nodes),
    causes: CAUSES.map(({ odds: _, ...cause }) => cause),
    tests: TESTS,
    chances: SEEN.map((seen) => ({
      seen,
      likeliest: diagnose(seen, kit, {}, [])
        .slice(0, 4)
        .map(({ cause, chance }) => `${cause.id} ${chance.toFixed(3)}`)
        .join(', '),
      ask: nextTest(seen, kit, {}, [])?.id,
      next: nextTest(seen, kit, { water: false }, [{ seen, cause: 'thick', tool: kit.tool.id }])?.id,
    })),
    used: usedBy(kit, 45).map(({ item, fact, by }) => ({ id: item.id, fact, by })),
  });
});

it('rows and broken items are read as was approved', async () => {
  const cells = { kind: 'broad-nib', label: 'Nib', width: '2,4', reservoir: 'yes', hours: '' };
  await approve('rows', {
    columns: CSV_COLUMNS,
    rows: DEMO_BENCH.slice(0, 4).map((item) => rowOf(item).join('|')),
    headings: [
      ['kind', 'Label ', 'WIDTH'],
      ['kind'],
      ['kind', 'label', 'colour'],
      ['kind', 'label', 'kind'],
    ].map((row) => problemOf(() => readHeadings(row))),
    read: [
      cells,
      { ...cells, width: 'wide' },
      { ...cells, reservoir: 'perhaps' },
      { ...cells, kind: 'spoon' },
      { ...cells, label: '' },
      { ...cells, width: '900' },
    ].map((row) => problemOf(() => readRow(row, 'new'))),
    fates: [undefined, readRow(cells, 'new'), { ...readRow(cells, 'new'), width: 3 }].map(
      (before) => fateOf(readRow(cells, 'new'), before).fate,
    ),
    texts: [[0xff, 0xfe, 0x61, 0], [0xfe, 0xff, 0, 0x61], [0xef, 0xbb, 0xbf, 0x61], [0xe4], [0xc3, 0xa4]].map(
      (bytes) => decodeText(new Uint8Array(bytes)),
    ),
    blank: itemKinds().map(
      (kind) =>
        `${kind}: ${factsOf(kind)
          .map(({ key }) => key)
          .join(' ')}`,
    ),
    broken: [
      {},
      null,
      { id: 'a', kind: 'ink', label: 'x', wetness: 9 },
      { id: 'a', kind: 'ink', label: 'x', colour: 'red' },
      { id: 'a b', kind: 'ink', label: 'x' },
    ].map((data) => problemOf(() => parseItem(data))),
  });
});
