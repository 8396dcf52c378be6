import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rulableRecipe } from '../../../tests/support/recipes';
import { freshRecipe } from '../document/defaults';
import { takenUp } from '../document/offer';
import { parseRecipe, type Recipe } from '../document/recipe';
import { drawingBounds } from '../drawing/bounds';
import type { DrawingNode, GroupNode } from '../drawing/drawing';
import { HANDS } from '../hands/registry';
import { Problem } from '../problem/problem';
import { leftOut } from './draw/exemplar';
import { slopedLines } from './draw/slopes';
import { layoutSheet } from './layout';
import { ruleSheet } from './rule';
import { pin } from './solve';

const groupOf = (nodes: readonly DrawingNode[], role: string) =>
  nodes.find((node): node is GroupNode => node.kind === 'group' && node.role === role);

/** Lengths are compared to a tenth of a micrometre. */
const DUST = 1e-4;

describe('any sheet', () => {
  it('draws nothing outside the page', () => {
    fc.assert(
      fc.property(rulableRecipe, (recipe) => {
        const drawing = ruleSheet(recipe);
        const bounds = drawingBounds(drawing);
        if (!bounds) return;
        expect(bounds.left).toBeGreaterThanOrEqual(-DUST);
        expect(bounds.top).toBeGreaterThanOrEqual(-DUST);
        expect(bounds.right).toBeLessThanOrEqual(drawing.width + DUST);
        expect(bounds.bottom).toBeLessThanOrEqual(drawing.height + DUST);
      }),
      { numRuns: 120 },
    );
  });

  it('keeps every line within its zones, its zones in order and the lines apart', () => {
    fc.assert(
      fc.property(rulableRecipe, (recipe) => {
        const { strips, block } = layoutSheet(recipe);
        let foot = block.y - DUST;
        for (const { lines } of strips) {
          let baseline = Number.NEGATIVE_INFINITY;
          for (const line of lines) {
            const inside = [
              line.ascender,
              line.capital,
              line.waistline,
              line.branch,
              line.smallCapital,
              line.descender,
            ];
            for (const y of inside) {
              if (y === null) continue;
              expect(y).toBeGreaterThanOrEqual(line.top - DUST);
              expect(y).toBeLessThanOrEqual(line.bottom + DUST);
            }
            for (const y of inside.slice(0, 5))
              expect(y ?? line.top).toBeLessThanOrEqual(line.baseline + DUST);
            expect(line.descender ?? line.bottom).toBeGreaterThanOrEqual(line.baseline - DUST);
            // Without sharing, zones never meet; shared zones may overlap each other but never a neighbour's body.
            expect(recipe.shareZones ? (line.waistline ?? line.top) : line.top).toBeGreaterThanOrEqual(
              (recipe.shareZones ? Math.max(baseline, block.y) : foot) - DUST,
            );
            baseline = line.baseline;
            foot = line.bottom;
          }
        }
        expect(foot).toBeLessThanOrEqual(block.y + block.height + DUST);
      }),
      { numRuns: 120 },
    );
  });

  it('fills the page: one line more would not fit', () => {
    fc.assert(
      fc.property(rulableRecipe, (recipe) => {
        fc.pre(recipe.nibs.length === 0);
        const { strips, reserve, pitch } = layoutSheet(recipe);
        fc.pre(strips[0]?.lines.length !== undefined);
        expect(reserve).toBeLessThan(pitch + DUST);
      }),
    );
  });
});

describe('slope lines', () => {
  it('stay in their box and lean as asked', () => {
    const box = { x: 20, y: 30, width: 100, height: 25 };
    fc.assert(
      fc.property(
        fc.double({ min: -30, max: 45, noNaN: true }),
        fc.double({ min: 2, max: 60, noNaN: true }),
        (slope, spacing) => {
          const lines = slopedLines(box, 50, { slope, slopeLines: { spacing, extent: 'zones' } });
          expect(lines.length).toBeGreaterThan(0);
          for (const [x1, y1, x2, y2] of lines) {
            for (const x of [x1, x2]) expect(Math.abs(x - 70)).toBeLessThanOrEqual(50 + DUST);
            for (const y of [y1, y2]) expect(Math.abs(y - 42.5)).toBeLessThanOrEqual(12.5 + DUST);
            if (y1 - y2 > 0.01) {
              expect(((x2 - x1) / (y1 - y2)) as number).toBeCloseTo(Math.tan((slope * Math.PI) / 180), 5);
            }
          }
        },
      ),
    );
  });

  it('cross the baseline at the spacing, from the start of the line', () => {
    const lines = slopedLines({ x: 0, y: 0, width: 50, height: 20 }, 15, {
      slope: 10,
      slopeLines: { spacing: 10, extent: 'zones' },
    });
    const crossings = lines
      .map(([x1, y1, x2, y2]) => x1 + ((x2 - x1) * (y1 - 15)) / (y1 - y2))
      .sort((a, b) => a - b);
    for (const [index, x] of crossings.entries())
      expect(x - (crossings[0] as number)).toBeCloseTo(10 * index, 6);
    expect(crossings.some((x) => Math.abs(x) < 1e-9)).toBe(true);
  });
});

describe('lines that share their zones', () => {
  it('share one set of slope lines, as far apart as was asked', () => {
    const recipe = freshRecipe('italic');
    const shared = {
      ...recipe,
      shareZones: true,
      slope: 8,
      show: { ...recipe.show, slope: true },
      slopeLines: { spacing: 11, extent: 'zones' as const },
    };
    const [path] = groupOf(ruleSheet(shared).nodes, 'slope')?.children ?? [];
    if (path?.kind !== 'path') throw new Error('slope lines were expected');
    const { foot } = layoutSheet(shared);
    const lean = Math.tan((8 * Math.PI) / 180);
    const crossings = path.commands
      .flatMap(([kind, x, y]) => (kind === 'M' ? [(x as number) + ((y as number) - foot) * lean] : []))
      .sort((a, b) => a - b);
    expect(crossings.length).toBeGreaterThan(5);
    for (const [i, x] of crossings.slice(1).entries())
      expect(x - (crossings[i] as number)).toBeCloseTo(11, 6);
  });
});

describe('the header of narrow paper', () => {
  const recipe = freshRecipe('italic');
  const written = (width: number, note = '') => {
    const paper = { ...recipe.paper, format: 'custom', sideways: false, width, height: 200 };
    const drawing = ruleSheet(parseRecipe(JSON.parse(JSON.stringify({ ...recipe, note, paper }))));
    return (groupOf(drawing.nodes, 'header')?.children ?? []).flatMap((node) =>
      node.kind === 'text' ? [node.text] : [],
    );
  };

  it('loses its blanks first and keeps hand, nib and angle', () => {
    const [wide, narrow] = [written(210), written(90)];
    expect(wide).toContain('Date');
    expect(narrow).not.toContain('Date');
    expect(narrow.length).toBeGreaterThan(1);
    expect(narrow.join(' ')).toBe(wide[0]);
    expect(narrow.join(' ')).toMatch(/Italic.*2.4 mm.*45°/);
  });

  it('keeps a note that was written', () => {
    expect(written(90, 'open night')).toContain('open night');
  });
});

describe('what is drawn', () => {
  it.each(HANDS.map(({ id }) => id))('%s rules a full A4 sheet', (id) => {
    const drawing = ruleSheet(freshRecipe(id));
    expect(groupOf(drawing.nodes, 'baseline')).toBeDefined();
    expect(groupOf(drawing.nodes, 'check-bars')).toBeDefined();
  });

  it('hides the body line of a capitals-only sheet and runs the capital line through', () => {
    const drawing = ruleSheet({ ...freshRecipe('italic'), capitalsOnly: true });
    expect(groupOf(drawing.nodes, 'waistline')).toBeUndefined();
    expect(groupOf(drawing.nodes, 'ascender')).toBeUndefined();
    expect(groupOf(drawing.nodes, 'capital')).toBeDefined();
  });

  it('leaves out a line that is switched off', () => {
    const recipe = freshRecipe('italic');
    const drawing = ruleSheet({ ...recipe, show: { ...recipe.show, ascender: false } });
    expect(groupOf(drawing.nodes, 'ascender')).toBeUndefined();
    expect(groupOf(drawing.nodes, 'descender')).toBeDefined();
  });

  it('mirrors the layout for the left hand, and starts right-to-left hands at the right', () => {
    const mirrored = (recipe: Recipe) => ({ ...recipe, paper: { ...recipe.paper, mirrored: true } });
    expect(layoutSheet(freshRecipe('italic')).startsRight).toBe(false);
    expect(layoutSheet(mirrored(freshRecipe('italic'))).startsRight).toBe(true);
    expect(layoutSheet(freshRecipe('court')).startsRight).toBe(true);
    expect(layoutSheet(mirrored(freshRecipe('court'))).startsRight).toBe(false);
  });

  it('draws the nib ladder with true squares of W', () => {
    const ladder = groupOf(ruleSheet(freshRecipe('italic')).nodes, 'ladder')?.children[0];
    if (ladder?.kind !== 'path') throw new Error('no ladder');
    const [first, second, third] = ladder.commands as [string, number, number][];
    expect(second?.[1] as number).toBeCloseTo((first?.[1] as number) + 2.4, 9);
    expect(third?.[2] as number).toBeCloseTo((second?.[2] as number) + 2.4, 9);
  });

  it('writes an exemplar over as many lines as it needs, and names the words that find no room', () => {
    const recipe = { ...freshRecipe('italic'), exemplar: 'aurora over the dome' };
    const layout = layoutSheet(recipe);
    const written = groupOf(ruleSheet(recipe).nodes, 'exemplar');
    expect(leftOut(recipe, layout)).toBe('');
    const first = layout.strips[0]?.lines[0];
    const { top = 0, bottom = 0 } = drawingBounds({ nodes: written ? [written] : [] }) ?? {};
    expect(top).toBeLessThan(first?.baseline ?? 0);
    expect(bottom).toBeGreaterThan(layout.strips[0]?.lines[1]?.waistline ?? 0);
    const wide = { ...recipe, given: { width: 2.4, body: 5, lines: 1 } };
    expect(leftOut(wide, layoutSheet(wide))).toBe('dome');
    const long = { ...recipe, exemplar: 'moon '.repeat(200).trim() };
    expect(leftOut(long, layoutSheet(long)).split(' ').length).toBeGreaterThan(100);
  });

  it('rules a comparison sheet with the same number of lines for each nib', () => {
    const { strips } = layoutSheet({ ...freshRecipe('uncial'), nibs: [1.5, 3, 4] });
    expect(strips.map(({ width }) => width)).toEqual([1.5, 3, 4]);
    expect(new Set(strips.map(({ lines }) => lines.length)).size).toBe(1);
  });

  it('refuses to compare nibs for a hand that is not measured by them', () => {
    expect(() => layoutSheet({ ...freshRecipe('copperplate'), nibs: [1, 2] })).toThrow(
      /not measured by its nib/,
    );
  });
});

describe('a page on which not one line fits', () => {
  const recipe = freshRecipe('italic');
  const tiny: Recipe = {
    ...recipe,
    width: 12,
    given: { width: 12, body: 5 },
    paper: { ...recipe.paper, format: 'card-a7', sideways: true },
  };

  it('says so and offers the largest nib that does fit, and no larger one does', () => {
    try {
      layoutSheet(tiny);
      expect.unreachable();
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      expect(error.message).toMatch(/Not one line fits/);
      const [offer] = error.offers;
      if (!offer) throw error;
      const { width } = takenUp(tiny, offer);
      expect(layoutSheet({ ...tiny, width }).strips[0]?.lines.length).toBe(1);
      expect(() => layoutSheet({ ...tiny, width: width + 0.01 })).toThrow(Problem);
    }
  });
});

describe('where the lines stand', () => {
  const standing = (how: Recipe['standing'], lines: number) => {
    const recipe = pin(freshRecipe('italic'), 'lines', lines);
    return layoutSheet({ ...recipe, standing: how });
  };

  it.each([2, 3, 7])('%i lines spread evenly go from the top to the foot, equally far apart', (lines) => {
    const layout = standing('even', lines);
    const [strip] = layout.strips;
    const ruled = strip?.lines ?? [];
    expect(ruled[0]?.top).toBeCloseTo(layout.block.y, 9);
    expect(ruled.at(-1)?.bottom).toBeCloseTo(layout.block.y + layout.block.height, 9);
    const steps = ruled.slice(1).map(({ baseline }, i) => baseline - (ruled[i]?.baseline ?? 0));
    for (const step of steps) expect(step).toBeCloseTo(layout.pitch, 9);
    expect(layout.reserve).toBeCloseTo(0, 9);
  });

  it.each([1, 4])('%i lines in the middle have as much above them as below', (lines) => {
    const { strips, block, reserve } = standing('centre', lines);
    const above = (strips[0]?.lines[0]?.top ?? 0) - block.y;
    expect(above).toBeCloseTo(reserve, 9);
    expect(above).toBeGreaterThan(0);
  });

  it('a line alone is spread to the middle; from the top nothing has moved', () => {
    expect(standing('even', 1).strips).toEqual(standing('centre', 1).strips);
    expect(standing('top', 4).strips[0]?.lines[0]?.top).toBe(standing('top', 4).block.y);
  });

  it('the capital line runs all along where that is asked for', () => {
    const across = (capitalLine: Recipe['capitalLine']) => {
      const recipe = { ...freshRecipe('italic'), capitalLine };
      const found = ruleSheet({ ...recipe, show: { ...recipe.show, capital: true } }, [])
        .nodes.flatMap((node) => (node.kind === 'group' ? [node, ...node.children] : [node]))
        .find((node) => node.kind === 'group' && node.role === 'capital');
      return JSON.stringify(found).length;
    };
    expect(across('full')).toBeLessThan(across('ticks'));
  });
});
