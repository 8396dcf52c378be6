import { expect, it } from 'vitest';
import { cleaning } from '@/core/kit/clean';
import { firstHandOf } from '@/core/kit/firstHand';
import { INKS } from '@/core/kit/inks/registry';
import { blankItem, type Item } from '@/core/kit/item';
import { judgeKit } from '@/core/kit/judgeKit';
import { TOOLS } from '@/core/kit/kinds/registry';
import { needFor } from '@/core/kit/need';
import { preparation } from '@/core/kit/prepare';
import { isMetal, takesInk } from '@/core/kit/rules/traits';
import { CAUSES, cureOf, impossible, seenWith } from '@/core/kit/troubles';
import type { Judgement } from '@/core/kit/verdict';

// What every kind of tool does with every kind of ink on every sort of paper, written out to be read.

const paper = (id: string, facts: Partial<Item>): Item => ({
  ...blankItem(id, 'paper', id),
  grams: 120,
  tone: 'white',
  ...facts,
});
const PAPERS: readonly Item[] = [
  paper('copy paper', { surface: 'smooth', sizing: 'unsized', grams: 80 }),
  paper('layout paper', { surface: 'smooth', sizing: 'light', grams: 70 }),
  paper('smooth pad', { surface: 'smooth', sizing: 'hard' }),
  paper('coated card', { surface: 'very smooth', sizing: 'hard', grams: 250 }),
  paper('tracing paper', { surface: 'very smooth', sizing: 'light', grams: 90 }),
  paper('laid paper', { surface: 'textured', sizing: 'light' }),
  paper('kraft paper', { surface: 'textured', sizing: 'unsized', tone: 'tinted' }),
  paper('handmade paper', { surface: 'rough', sizing: 'hard', grams: 200 }),
  paper('blotting paper', { surface: 'rough', sizing: 'unsized', grams: 200 }),
  paper('night-blue card', { surface: 'smooth', sizing: 'hard', tone: 'dark', grams: 200 }),
];

/** Widths as they are bought, in mm. */
const WIDTHS = { cut: 3, gap: 7, point: 0.6 } as const;
const WETNESS = 3;
/** Points lost from which a line of the table says “care”. */
const CARE = 6;

const tools: readonly Item[] = TOOLS.map(({ id, name, edge, nib, covers, seated }) => ({
  ...blankItem(id, id, name),
  width: nib === undefined || nib === 'brush' ? 3 : WIDTHS[edge],
  cut: edge === 'cut' ? 'square' : null,
  flex: 'semi-flexible',
  reservoir: seated && edge === 'cut',
  coated: false,
  wear: 'none',
  lead: 'B',
  fitting: 'converter',
  colour: covers ? '#ffffff' : '#202020',
}));
const inks: readonly Item[] = INKS.map(({ id }) => ({
  ...blankItem(id, 'ink', id),
  inkKind: id,
  wetness: WETNESS,
}));
const needOf = ({ kind }: Item) => needFor(firstHandOf(kind), { purpose: 'practice piece' });

interface Said {
  readonly how: string;
  readonly why: string;
  /** The rule that weighs most. */
  readonly rule: string;
}

function said(judgements: readonly Judgement[], ...rules: readonly string[]): Said {
  const told = judgements.filter(({ rule, unknown }) => rules.includes(rule) && !unknown);
  const worst = [...told].sort((a, b) => a.points - b.points)[0];
  if (!worst) return { how: 'well', why: '–', rule: '' };
  const how = worst.fails ? 'NOT' : worst.points <= -CARE ? 'care' : 'well';
  return { how, why: `${worst.reason} ${worst.cure ?? ''}`.trim(), rule: worst.rule };
}
const LETTER: Readonly<Record<string, string>> = { NOT: '×', care: 'o', well: '+' };
/** Why, in a letter: what the ink does to the pen, the surface, feathering, or that it is not seen; its sentence stands above. */
const REASON: Readonly<Record<string, string>> = { harm: 'h', surface: 's', feathering: 'f', cover: 'c' };

it('every tool with every ink, and on every paper, is as was approved', async () => {
  const lines = tools.flatMap((tool) => {
    const need = needOf(tool);
    const own = !takesInk(tool.kind);
    const withInk = own
      ? ['  its own ink']
      : inks.map((ink) => {
          const { how, why } = said(judgeKit(need, { tool, ink }), 'harm', 'fitting', 'load');
          return `  ${ink.label.padEnd(12)} ${how.padEnd(5)} ${why}`;
        });
    const onPaper = PAPERS.map((sheet) => {
      const ink = own ? undefined : inks[0];
      const { how, why } = said(
        judgeKit(need, { tool, ink, paper: sheet }),
        'surface',
        'feathering',
        'cover',
      );
      return `  ${sheet.label.padEnd(16)} ${how.padEnd(5)} ${why}`;
    });
    const grid = own
      ? []
      : inks.map((ink) => {
          const row = PAPERS.map((sheet) => {
            const rules = ['harm', 'surface', 'feathering', 'cover'];
            const { how, rule } = said(judgeKit(need, { tool, ink, paper: sheet }), ...rules);
            return `${LETTER[how]}${how === 'well' ? ' ' : REASON[rule]}`;
          });
          return `  ${ink.label.padEnd(12)} ${row.join(' ')}`;
        });
    return [`${tool.label} (${need.hand})`, ...withInk, ...onPaper, ...grid, ''];
  });
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./values/kit.kinds.txt');
});

it('how every tool is prepared, put away and made to write again is as was approved', async () => {
  const lines = tools.flatMap((tool) => {
    const ink = takesInk(tool.kind) ? inks.find(({ id }) => id === 'dye') : undefined;
    const dried = CAUSES.find(({ id }) => id === 'dried');
    return [
      tool.label,
      ...preparation(needOf(tool), { tool, ink }).map(({ id, what }) => `  before  ${id}: ${what}`),
      ...cleaning({ tool, ink }).map(({ id, what }) => `  after   ${id}: ${what}`),
      ...(dried && !impossible(tool.kind, 'dried') ? [`  dried   ${cureOf(dried, tool.kind)}`] : []),
      `  goes wrong: ${seenWith(tool.kind).join(', ')}`,
      '',
    ];
  });
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./values/kit.care.txt');
});

it('no verdict contradicts preparing, cleaning or trouble', () => {
  for (const tool of tools) {
    const need = needOf(tool);
    const steps = (ink?: Item) => preparation(need, { tool, ink }).map(({ id }) => id);
    const after = (ink?: Item) => cleaning({ tool, ink }).map(({ id }) => id);
    if (!takesInk(tool.kind)) {
      expect(steps(), tool.label).not.toEqual(expect.arrayContaining(['load']));
      expect(after(), tool.label).not.toContain('rinse');
      continue;
    }
    for (const ink of inks) {
      const kind = INKS.find(({ id }) => id === ink.inkKind);
      const out = judgeKit(need, { tool, ink }).some(({ fails }) => fails);
      // Plastic and shellac are let into no pen that cannot be opened.
      const closed = ['cartridge', 'dropper'].includes(
        TOOLS.find(({ id }) => id === tool.kind)?.supply ?? '',
      );
      if (kind?.sets) expect(out, `${tool.label}, ${ink.label}`).toBe(closed);
      if (out) continue;
      if (kind?.sets || (kind?.corrodes && isMetal(tool.kind)))
        expect(steps(ink), `${tool.label}, ${ink.label}`).toContain('rinse');
      if (kind?.mixed) expect(steps(ink), `${tool.label}, ${ink.label}`).toContain('mix');
      if (kind?.mixed) expect(steps(ink)).not.toContain('gum');
    }
    // Whatever is seen to go wrong with a tool has a cause that it can have.
    for (const seen of seenWith(tool.kind)) {
      const causes = CAUSES.filter(
        (cause) => (cause.seen[seen] ?? 0) > 0 && !impossible(tool.kind, cause.id),
      );
      expect(causes.length, `${tool.label}: ${seen}`).toBeGreaterThan(0);
    }
  }
});
