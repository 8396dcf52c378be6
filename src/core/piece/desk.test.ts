import { beforeAll, describe, expect, it } from 'vitest';
import { drawingBounds } from '../drawing/bounds';
import { mirrored } from '../drawing/move';
import { loadAllScripts } from '../hands/scripts';
import { imposed, placesOn } from '../page/imposition';
import { shownPiece } from './batch';
import { evenly } from './border';
import { demoPieces } from './demoPieces';
import { drawPiece } from './drawPiece';
import { freshBlock, freshPiece, settingOf } from './freshPiece';
import { layoutPiece } from './layout';
import type { Piece } from './piece';
import { dryingMinutes, stepsFor, workingPlan } from './plan';
import { scatter } from './scatter';
import { supplyFindings } from './supplies';
import { hierarchy } from './weight';

beforeAll(loadAllScripts);

const demo = (id: string): Piece => {
  const found = demoPieces().find((one) => one.id === id);
  if (!found) throw new Error(`there is no ${id}`);
  return shownPiece(found.piece);
};

describe('ink and paper of a piece', () => {
  const piece = demo('demo-certificate');
  const carbon = { label: 'carbon ink', inkKind: null, light: false, opacity: 4 };
  const said = (
    ...[ink, paper]: [Parameters<typeof supplyFindings>[1], Parameters<typeof supplyFindings>[2]]
  ) => supplyFindings(piece, ink, paper).map(({ tone, text }) => `${tone}: ${text}`);

  it('are said where the ink does not show on the paper, by the rule that Kit goes by', () => {
    const night = { label: 'night-blue card', tone: 'dark' } as const;
    expect(said(carbon, night)).toEqual([
      'wrong: “carbon ink” on “night-blue card”: This ink does not show on dark paper. Mix an opaque light gouache.',
    ]);
    // Without an ink the colours of the piece are judged: dark ones on dark.
    expect(said(undefined, night).join(' ')).toMatch(
      /cannot be seen on “night-blue card”: its contrast is 1 : 1\.\d/,
    );
    const white = { ...piece, blocks: piece.blocks.map((block) => ({ ...block, colour: '#ffffff' })) };
    expect(supplyFindings(white, undefined, night)).toEqual([]);
    expect(supplyFindings(white, undefined, { label: 'pad', tone: 'white' })).toHaveLength(1);
  });

  it('are judged by what is usual for the kind of ink where nobody looked at the bottle', () => {
    const night = { label: 'night-blue card', tone: 'dark' } as const;
    const ink = (inkKind: 'white' | 'sumi') => ({ label: inkKind, inkKind, light: null, opacity: null });
    expect(said(ink('sumi'), night)[0]).toMatch(/does not show on dark paper/);
    expect(said(ink('white'), night).join(' ')).not.toMatch(/does not show/);
    expect(said(ink('white'), { label: 'pad', tone: 'white' })[0]).toMatch(/light ink does not show/);
  });

  it('are silent where they go together, or nobody said which', () => {
    expect(said(carbon, { label: 'pad', tone: 'white' })).toEqual([]);
    expect(said(carbon, undefined)).toEqual([]);
    expect(said(carbon, { label: 'pad', tone: null })).toEqual([]);
  });
});

describe('a working plan', () => {
  it('writes the colour with most to write first, lets it dry before the next, and erases before it decorates', () => {
    const plan = workingPlan(layoutPiece(demo('demo-certificate')));
    expect(plan.steps.map(({ kind }) => kind)).toEqual([
      'rule',
      'pencil',
      'write',
      'dry',
      'write',
      'dry',
      'erase',
      'decorate',
    ]);
    expect(plan.steps[2]?.text).toMatch(/Foundational/);
    expect(plan.steps[4]?.text).toMatch(/2 mm for Roman/);
    expect(plan.minutes).toBeCloseTo(
      plan.steps.reduce((sum, { minutes }) => sum + minutes, 0),
      9,
    );
  });

  it('keeps a left hand out of wet ink, and takes as long as ink and paper need', () => {
    const piece = demo('demo-certificate');
    const right = workingPlan(layoutPiece(piece));
    const left = workingPlan(layoutPiece({ ...piece, side: 'left' }));
    expect(left.steps[2]?.text).toMatch(/clean sheet under your hand/);
    expect(left.minutes).toBeGreaterThan(right.minutes);
    expect(dryingMinutes({ ink: { inkKind: 'metallic' } })).toBeGreaterThan(
      dryingMinutes({ ink: { inkKind: 'dye' } }),
    );
    expect(dryingMinutes({ paper: { surface: 'very smooth', tone: null } })).toBeGreaterThan(
      dryingMinutes({}),
    );
  });

  it('on dark paper rules with a white pencil, where no guide shows through', () => {
    const laid = layoutPiece(demo('demo-certificate'));
    const said = (tone: 'dark' | 'white') =>
      workingPlan(laid, { paper: { surface: 'smooth', tone } })
        .steps.filter(({ kind }) => kind === 'rule' || kind === 'pencil')
        .map(({ text }) => text);
    for (const text of said('dark')) expect(text).toMatch(/white pencil/);
    for (const text of said('white')) expect(text).not.toMatch(/white pencil/);
  });

  it('of several takes each step for all of them, and one drying', () => {
    const { steps, minutes } = workingPlan(layoutPiece(demo('demo-certificate')));
    const sum = (list: typeof steps) => list.reduce((total, step) => total + step.minutes, 0);
    expect(sum(stepsFor(steps, 1))).toBeCloseTo(minutes, 6);
    const drying = sum(steps.filter(({ kind }) => kind === 'dry'));
    expect(drying).toBeGreaterThan(0);
    expect(sum(stepsFor(steps, 8))).toBeCloseTo(8 * (minutes - drying) + drying, 6);
  });

  it('of a list writes the address first, and reckons ink and spoiled sheets for all rows', () => {
    const pattern = demoPieces().find(({ id }) => id === 'demo-envelopes')?.piece as Piece;
    const one = workingPlan(layoutPiece({ ...shownPiece(pattern), rows: pattern.rows.slice(0, 1) }));
    const all = workingPlan(layoutPiece(shownPiece(pattern)));
    expect(all.steps.find(({ kind }) => kind === 'write')?.text).toMatch(/the address first, the name last/);
    expect(all.ink).toBeCloseTo(24 * one.ink, 9);
    expect(all.spoiled).toBeGreaterThan(one.spoiled);
  });
});

describe('sizes beside each other', () => {
  const two = (width: number) =>
    layoutPiece({
      ...freshPiece('a4', [
        freshBlock('1', 'name', 'dusk', settingOf('italic', 2)),
        freshBlock('2', 'body', 'over the dome', settingOf('italic', width)),
      ]),
    }).lines;

  it('are remarked on where they differ too little to look meant', () => {
    expect(
      hierarchy(two(1.8))
        .map(({ text }) => text)
        .join(),
    ).toMatch(/too near to look meant/);
    expect(hierarchy(two(2))).toEqual([]);
    expect(hierarchy(two(1.2))).toEqual([]);
  });
});

describe('decoration', () => {
  it('has ticks evenly from corner to corner, nearest to the distance asked for', () => {
    const ticks = evenly(3, 87, 4.1);
    expect([ticks[0], ticks.at(-1)]).toEqual([3, 87]);
    const steps = ticks.slice(1).map((x, i) => x - (ticks[i] as number));
    for (const step of steps) expect(step).toBeCloseTo(steps[0] as number, 9);
    expect(Math.abs((steps[0] as number) - 4.1)).toBeLessThan(0.15);
  });

  it('strews an odd number of motifs, clear of the writing, the edge and each other, the same from one seed', () => {
    const piece = demo('demo-place-cards');
    for (let seed = 0; seed < 40; seed++) {
      const laid = layoutPiece({ ...piece, scatter: { ...piece.scatter, seed } });
      const spots = scatter(laid);
      expect(spots.length % 2).toBe(1);
      const { clear } = piece.scatter;
      for (const [i, { x, y, size }] of spots.entries()) {
        expect(Math.min(x, y, laid.page.width - x, laid.page.height - y)).toBeGreaterThan(
          clear + size / 2 - 1e-9,
        );
        for (const { ink } of laid.lines) {
          const away = Math.hypot(
            Math.max(ink.left - x, 0, x - ink.right),
            Math.max(ink.top - y, 0, y - ink.bottom),
          );
          expect(away - size / 2).toBeGreaterThan(clear - 1e-9);
        }
        for (const other of spots.slice(i + 1))
          expect(Math.hypot(other.x - x, other.y - y) - (other.size + size) / 2).toBeGreaterThan(
            clear - 1e-9,
          );
      }
      expect(scatter(laid)).toEqual(spots);
    }
  });
});

describe('small pieces on a large sheet', () => {
  const A4 = { width: 210, height: 297 };

  it('stand side by side without touching, cut marks between them and all on the sheet', () => {
    const card = drawPiece(layoutPiece(demo('demo-place-cards')));
    const places = placesOn(A4, card);
    expect(places).toHaveLength(8);
    for (const [i, one] of places.entries()) {
      for (const other of places.slice(i + 1)) {
        const apart = Math.max(
          Math.abs(other.x - one.x) - card.width,
          Math.abs(other.y - one.y) - card.height,
        );
        expect(apart).toBeGreaterThan(5);
      }
    }
    const bounds = drawingBounds(
      imposed(
        A4,
        places.map(() => card),
        'cards',
      ),
    );
    expect(bounds?.left).toBeGreaterThan(0);
    expect(bounds?.right).toBeLessThan(A4.width);
    expect(bounds?.bottom).toBeLessThan(A4.height);
  });

  it('turned over, are inked as far from the other edge', () => {
    const drawing = drawPiece(layoutPiece(demo('demo-caption')));
    const [seen, behind] = [drawingBounds(drawing), drawingBounds(mirrored(drawing))];
    expect(behind?.left).toBeCloseTo(drawing.width - (seen?.right ?? 0), 6);
    expect(behind?.top).toBeCloseTo(seen?.top ?? 0, 6);
  });
});
