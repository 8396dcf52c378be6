import { readFileSync } from 'node:fs';
import { beforeAll, describe, expect, it } from 'vitest';
import { loadAllScripts } from '@/core/hands/scripts';
import { layRow } from '@/core/piece/batch';
import { drawPiece } from '@/core/piece/drawPiece';
import { freshBlock, freshPiece, settingOf } from '@/core/piece/freshPiece';
import { worstFinding } from '@/core/piece/laid';
import { layoutPiece } from '@/core/piece/layout';
import { nibTrials } from '@/core/piece/nibChoice';
import { type Piece, parsePiece } from '@/core/piece/piece';
import { FINISHES } from '@/core/piece/pieceFormat';
import { workingPlan } from '@/core/piece/plan';
import { scatter } from '@/core/piece/scatter';
import { Problem } from '@/core/problem/problem';
import { batchSteps } from '@/press/batchSteps';
import type { OnPaper } from '@/press/job';
import { renderSvg } from '@/render/svg';
import { DRAWN } from '../support/drawnHands';
import { rastered } from '../support/rastered';

beforeAll(loadAllScripts);

const fixture = (name: string): Piece =>
  parsePiece(JSON.parse(readFileSync(`tests/fixtures/pieces/${name}.json`, 'utf8')));

const PX_PER_MM = 10;
/** Grey of the palest pixel that counts as ink, and a pixel's breadth, in mm. */
const INKED = 250;
const PIXEL = 0.11;

/** Extremes of ink on a drawing, in mm, read off pixels by an independent rasteriser. */
function inked(drawing: ReturnType<typeof drawPiece>) {
  const { pixels, width, height } = rastered(
    renderSvg(drawing),
    Math.round(drawing.width * PX_PER_MM),
    'white',
  );
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < width * height; i++) {
    const [red, green, blue] = [pixels[4 * i], pixels[4 * i + 1], pixels[4 * i + 2]] as [
      number,
      number,
      number,
    ];
    if (red > INKED && green > INKED && blue > INKED) continue;
    const [x, y] = [(i % width) / PX_PER_MM, Math.floor(i / width) / PX_PER_MM];
    left = Math.min(left, x);
    right = Math.max(right, x + 1 / PX_PER_MM);
    top = Math.min(top, y);
    bottom = Math.max(bottom, y + 1 / PX_PER_MM);
  }
  return { left, right, top, bottom };
}

function expectInside(laid: ReturnType<typeof layoutPiece>, what: string) {
  const { frame } = laid;
  const ink = inked(drawPiece(laid));
  expect(ink.left, what).toBeGreaterThanOrEqual(frame.x - PIXEL);
  expect(ink.right, what).toBeLessThanOrEqual(frame.x + frame.width + PIXEL);
  expect(ink.top, what).toBeGreaterThanOrEqual(frame.y - PIXEL);
  expect(ink.bottom, what).toBeLessThanOrEqual(frame.y + frame.height + PIXEL);
}

const card = (
  hand: (typeof DRAWN)[number],
  text: string,
  change: Partial<Piece['blocks'][number]> = {},
): Piece => {
  const setting = settingOf(hand);
  const small = { ...setting, width: setting.width * 0.5 };
  return freshPiece('card-5x7', [{ ...freshBlock('1', 'body', text, small), align: 'centre', ...change }]);
};
const wordOf = (hand: string) => (hand === 'court' ? 'نجم' : 'Dilly gyp');

describe('writing at head and foot', () => {
  it('is never refused by an overshoot', () => {
    const laid = layoutPiece(fixture('zero-too-tall'));
    expect(laid.findings).toEqual([]);
    expectInside(laid, 'at the foot');
  });

  it.each(DRAWN)('of %s fits, and is inked inside its frame', (hand) => {
    for (const place of ['top', 'foot'] as const) {
      const laid = layoutPiece({ ...card(hand, wordOf(hand)), place });
      expect(worstFinding(laid.findings)?.text, place).toBeUndefined();
      expectInside(laid, place);
    }
  });

  it('no finding tells a distance of nothing', () => {
    for (const width of [100, 60, 45, 44.9, 44.8]) {
      const piece = card('italic', 'Dilly gyp');
      const laid = layoutPiece({
        ...piece,
        paper: { ...piece.paper, format: 'custom', sideways: false, width, height: 70 },
      });
      for (const { text } of laid.findings) expect(text).not.toMatch(/\b0 mm/);
    }
  });
});

describe('a list of names', () => {
  const list = fixture('list-at-head');
  const paper: OnPaper = { print: 'model', mirrored: false, on: 'own', marked: false };
  const pdf = { correction: undefined, created: new Date(0) };
  const made = (piece: Piece, leaveOut: boolean) => [
    ...batchSteps(
      piece,
      piece.rows.map((_, i) => i),
      { paper, drawer: [], own: {}, pdf, leaveOut },
    ),
  ];

  it('is inked inside its frame in every row, whatever helped it', () => {
    for (const [i] of list.rows.entries()) {
      const { laid, wrong } = layRow(list, i, []);
      expect(wrong).toBeUndefined();
      expectInside(laid, `row ${i + 1}`);
    }
  });

  it.each(DRAWN.filter((hand) => hand !== 'court'))(
    'in %s stands on the same baseline on every card, wherever it is placed',
    (hand) => {
      for (const place of ['top', 'optical', 'centre', 'foot'] as const) {
        const names = ['Anna', 'Peggy', 'Ova', 'Jill'];
        const cards: Piece = {
          ...card(hand, '{name}'),
          place,
          rows: names.map((name) => ({ values: { name }, state: 'to write' })),
        };
        const baselines = names.map((_, i) => layRow(cards, i, []).laid.lines[0]?.baseline ?? 0);
        expect(Math.max(...baselines) - Math.min(...baselines), `${place} ${baselines}`).toBeLessThan(0.15);
      }
    },
  );

  it('names the rows that cannot be written before anything is made, and can leave them out', () => {
    const rows = [...list.rows, { values: { name: '☉' }, state: 'to write' as const }];
    const withSun = { ...list, rows };
    expect(() => made(withSun, false)).toThrow(Problem);
    expect(() => made(withSun, false)).toThrow(/row 5 \(☉\).*no letter for ☉/i);
    expect(made(withSun, true).at(-1)?.done).toBe(list.rows.length);
  });
});

describe('what is too wide', () => {
  it.each(['centre', 'left', 'right'] as const)(
    'fits (%s) once what is said is gained, and not before',
    (align) => {
      const narrow = (width: number): Piece => {
        const piece = card('italic', 'bolides', { align });
        return { ...piece, paper: { ...piece.paper, format: 'custom', sideways: false, width, height: 90 } };
      };
      const [said] = layoutPiece(narrow(45)).findings;
      const by = Number(/is ([\d.]+) mm too wide/.exec(said?.text ?? '')?.[1]);
      expect(by).toBeGreaterThan(0);
      expect(layoutPiece(narrow(45 + by)).fits).toBe(true);
      expect(layoutPiece(narrow(45 + by - 0.2)).fits).toBe(false);
    },
  );

  it('is compared by its widest line, so that a wider nib is never said to miss less', () => {
    const drawer = [3, 4, 5].map((width) => ({
      id: `n${width}`,
      kind: 'broad' as const,
      label: `${width} mm`,
      width,
      edge: 0.1,
      uncertainty: null,
      measuredAt: null,
    }));
    const piece = card('italic', 'comet of an extraordinarily luminous winter');
    const missing = nibTrials(piece, '1', drawer).map(({ nib, wrong }) => ({
      width: nib.width,
      by: Number(/([\d.]+) mm too wide/.exec(wrong ?? '')?.[1] ?? 0),
    }));
    const inOrder = [...missing].sort((a, b) => a.width - b.width).map(({ by }) => by);
    expect(inOrder).toEqual([...inOrder].sort((a, b) => a - b));
    expect(inOrder.at(-1)).toBeGreaterThan(0);
  });
});

describe('what is drawn along the letters', () => {
  it('keeps the margin, right-aligned with a deep shadow', () => {
    const laid = layoutPiece(fixture('finish-over-margin'));
    expect(laid.fits).toBe(true);
    expectInside(laid, 'shadow');
  });

  it.each(['roman', 'copperplate', 'brush', 'monoline'] as const)(
    'is counted by fit and centring in %s',
    (hand) => {
      for (const kind of FINISHES) {
        const finish = { kind, colour: '#a33327', off: 2 } as const;
        const laid = layoutPiece(card(hand, 'HOLD', { finish }));
        if (!laid.fits) continue;
        expectInside(laid, kind);
        if (kind === 'highlight') continue;
        const { left, right } = inked(drawPiece(laid));
        expect((left + right) / 2, kind).toBeCloseTo(laid.frame.x + laid.frame.width / 2, 0);
      }
    },
  );
});

describe('motifs', () => {
  const strewn = fixture('motifs-on-flourish');

  it.each(['entry', 'exit', 'underline'] as const)(
    'keep the white asked for from a flourish (%s) and all other ink',
    (flourish) => {
      for (let seed = 1; seed <= 8; seed++) {
        const blocks = strewn.blocks.map((block) => ({ ...block, flourish }));
        const laid = layoutPiece({ ...strewn, blocks, scatter: { ...strewn.scatter, seed } });
        const boxes = [...laid.lines, ...laid.flourishes].map(({ ink }) => ink);
        expect(laid.flourishes).toHaveLength(1);
        for (const { x, y, size } of scatter(laid)) {
          for (const box of boxes) {
            const away = Math.hypot(
              Math.max(box.left - x, 0, x - box.right),
              Math.max(box.top - y, 0, y - box.bottom),
            );
            expect(away - size / 2).toBeGreaterThanOrEqual(strewn.scatter.clear - 1e-9);
          }
        }
      }
    },
  );

  it('a guide shows the flourish that is to be written', () => {
    const roles = drawPiece(layoutPiece(strewn), 'guide').nodes.map(
      (node) => node.kind === 'group' && node.role,
    );
    expect(roles).toContain('flourish');
  });
});

describe('the ornaments of a hand in a piece', () => {
  const piece = fixture('rising-in-a-piece');
  const withWriting = (part: object): Piece => ({
    ...piece,
    blocks: piece.blocks.map((block) => ({
      ...block,
      setting: {
        ...block.setting,
        writing: { ...block.setting.writing, rising: 0, signs: false, fillers: false, ...part },
      },
    })),
  });
  const shapesOf = (one: Piece) => layoutPiece(one).lines[0]?.set.placed.length ?? 0;

  it('rise, fill and sign its lines as they do a sheet’s', () => {
    const climb = (one: Piece) => {
      const placed =
        layoutPiece(one).lines[0]?.set.placed.flatMap((item) => (item.kind === 'letter' ? [item] : [])) ?? [];
      const [right, left] = [...placed]
        .sort((a, b) => b.x - a.x)
        .filter((_, i, all) => i === 0 || i === all.length - 1);
      return (left?.y ?? 0) - (right?.y ?? 0);
    };
    expect(climb(withWriting({}))).toBeLessThan(1);
    expect(climb(withWriting({ rising: 6 }))).toBeGreaterThan(1.5);
    expect(shapesOf(withWriting({ fillers: true }))).toBeGreaterThan(shapesOf(withWriting({})));
    expect(shapesOf(withWriting({ signs: true }))).toBeGreaterThan(shapesOf(withWriting({})));
    expectInside(layoutPiece(piece), 'risen and filled');
  });
});

describe('what a card asks besides', () => {
  it('a name on the fold is told; in one half it is not', () => {
    const folded: Piece = { ...card('italic', 'Anna'), fold: 'across', place: 'centre' };
    const told = (piece: Piece) => layoutPiece(piece).findings.some(({ about }) => about === 'fold');
    expect(told(folded)).toBe(true);
    expect(
      told({ ...folded, paper: { ...folded.paper, margins: { ...folded.paper.margins, top: 45 } } }),
    ).toBe(false);
    expect(told({ ...folded, fold: 'none' })).toBe(false);
  });

  it('the corner for postage leaves room on a small envelope', () => {
    const small: Piece = {
      ...card('italic', 'Anna'),
      paper: { ...card('italic', '').paper, width: 128, height: 90 },
      postage: { on: true, width: 74, height: 40 },
      place: 'centre',
    };
    expect(layoutPiece(small).findings).toEqual([]);
    const { postage, page } = layoutPiece(small);
    expect(postage?.width).toBeLessThanOrEqual(page.width / 2);
  });

  it('a verse whose lines are broken is told, prose is not', () => {
    const verse = 'the comet that came by in the long night\nand the frost that stayed';
    const about = (text: string) => layoutPiece(card('foundational', text)).findings.map((one) => one.about);
    expect(about(verse)).toContain('verse');
    expect(about(verse.replace('\n', ' '))).not.toContain('verse');
    expect(about('glow\nhaze')).not.toContain('verse');
  });

  it('nothing to write is no plan of ruling nothing', () => {
    const { steps } = workingPlan(layoutPiece(card('italic', '')));
    expect(steps.map(({ text }) => text).join(' ')).not.toMatch(/Rule no|no lines/);
  });
});
