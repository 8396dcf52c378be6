import jsQR from 'jsqr';
import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { codeOf, drawKept, keptFrom, parseKeptPage } from '@/core/document/keptPage';
import { Prints } from '@/core/document/prints';
import { drawingBounds } from '@/core/drawing/bounds';
import type { DrawingNode } from '@/core/drawing/drawing';
import { HANDS } from '@/core/hands/registry';
import { loadAllScripts } from '@/core/hands/scripts';
import { pageBoxes } from '@/core/page/boxes';
import { copiesOnLarge } from '@/core/page/imposition';
import { codeBox, RING, ringCentres } from '@/core/page/marks';
import { codeText, ID_LENGTH, PRINT_ID, printId, readCode } from '@/core/page/pageCode';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose, drawPage } from '@/core/practice/compose';
import { practiceSteps } from '@/press/packSteps';
import { renderPng } from '@/render/png';
import { Raster } from '../../support/raster';

beforeAll(loadAllScripts);

const recipe = freshRecipe('italic');
const bands = [bandOf('b1', 'letter', 'n'), bandOf('b2', 'word', 'minimum')];

describe('marks of a practice page', () => {
  it('stand within 0.1 mm of their places on the raster of the PDF, black in every tint', async () => {
    for (const tint of ['faint', 'drop-out'] as const) {
      const composed = compose({ ...recipe, tint }, { bands });
      const page = keptFrom(composed, 0);
      const drawing = drawKept(page, codeOf('ABCDEFGH12', page));
      const raster = await Raster.of(drawing, 600);
      for (const [x, y] of ringCentres(drawing)) {
        // Left and right side of the ring's line, and its upper and lower one, through the middle.
        for (const side of [-1, 1]) {
          const [at, up] = [x + side * RING.radius, y + side * RING.radius];
          expect(Math.abs(raster.lineX(at, y - 0.05, y + 0.05, 0.6) - at)).toBeLessThan(0.1);
          expect(Math.abs(raster.lineY(up, x - 0.05, x + 0.05, 0.6) - up)).toBeLessThan(0.1);
        }
      }
    }
  }, 120_000);

  it('say which page of which print it is, by a code that other programs read', async () => {
    const composed = compose(recipe, { bands });
    const page = keptFrom(composed, 0);
    const code = codeOf('ABCDEFGH12', page);
    const drawing = drawKept(page, code);
    const dpi = 254;
    const box = codeBox(drawing);
    const [left, top, side] = [box.x - 3, box.y - 3, box.width + 6].map((mm) => Math.round(mm * 10)) as [
      number,
      number,
      number,
    ];
    const { data } = await sharp(renderPng(drawing, dpi))
      .extract({ left, top, width: side, height: side })
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(jsQR(new Uint8ClampedArray(data), side, side)?.data).toBe(codeText(code));
    expect(readCode(codeText(code))).toEqual(code);
    for (const foreign of ['', 'ELV1:ABC', 'https://example.org', codeText(code).replace('ELV1', 'ELV2')]) {
      expect(readCode(foreign)).toBeUndefined();
    }
  });

  it('never stand under anything else that is printed, whatever the hand and the paper', () => {
    for (const { id } of HANDS) {
      for (const format of ['a4', 'letter', 'a5'] as const) {
        const fresh = freshRecipe(id);
        const sheet = { ...fresh, paper: { ...fresh.paper, format } };
        const composed = compose(sheet, { bands: [bandOf('b', 'ruling', '', { fill: true })] });
        const drawing = drawPage(composed, 0);
        expect(composed.boxes.marked).toBe(true);
        const others = drawing.nodes.filter((node) => !(node.kind === 'group' && node.role === 'marks'));
        const reserved = [
          ...ringCentres(drawing).map(([x, y]) => ({ x: x - 3.5, y: y - 3.5, width: 7, height: 7 })),
          codeBox(drawing),
        ];
        for (const node of leaves(others)) {
          const bounds = drawingBounds({ nodes: [node] });
          if (!bounds) continue;
          for (const { x, y, width, height } of reserved) {
            const clear =
              bounds.right <= x || bounds.left >= x + width || bounds.bottom <= y || bounds.top >= y + height;
            expect(clear, `${id} ${format}: ${JSON.stringify(bounds)} at ${x}, ${y}`).toBe(true);
          }
        }
      }
    }
  });

  it('are left out where they are switched off, or the sheet is too small', () => {
    const off = compose({ ...recipe, aids: { ...recipe.aids, marks: 'none' } }, { bands });
    const small = compose(
      { ...recipe, paper: { ...recipe.paper, format: 'custom', width: 85, height: 150 } },
      { bands: [bandOf('b', 'ruling', '')] },
    );
    for (const { boxes } of [off, small]) expect(boxes.marked).toBe(false);
    expect(pageBoxes(recipe).marked).toBe(false);
    expect(pageBoxes({ ...recipe, aids: { ...recipe.aids, marks: 'every' } }).marked).toBe(true);
  });
});

/** Single lines and shapes: a path of many lines spans more than any of them. */
function leaves(nodes: readonly DrawingNode[]): DrawingNode[] {
  return nodes.flatMap((node): DrawingNode[] => {
    if (node.kind === 'group') return leaves(node.children);
    if (node.kind !== 'path' || !node.stroke) return [node];
    const parts: DrawingNode[] = [];
    for (const [i, command] of node.commands.entries()) {
      const before = node.commands[i - 1];
      if (command[0] !== 'L' || !before || before[0] === 'Z' || before[0] === 'C') continue;
      parts.push({ ...node, commands: [['M', before[1], before[2]], command] });
    }
    return parts.length > 0 ? parts : [node];
  });
}

describe('a kept page', () => {
  it('is read back as it was kept, and drawn to the last stroke', () => {
    const composed = compose({ ...recipe, title: 'Winter class' }, { bands, checks: ['Feet stand.'] });
    const prints = new Prints();
    const drawing = prints.draw({ composed, index: 0 }, 'ABCDEFGH12');
    const [kept] = prints.take();
    expect(prints.take()).toEqual([]);
    if (!kept) throw new Error('nothing was kept');
    const again = parseKeptPage(JSON.parse(JSON.stringify(kept.page)));
    expect(again).toEqual(kept.page);
    expect(JSON.stringify(drawKept(again, kept.code))).toBe(JSON.stringify(drawing));
    expect(codeOf('ABCDEFGH12', again)).toEqual(kept.code);
    expect(codeOf('ABCDEFGH12', { ...again, checks: [] }).hash).not.toBe(kept.code.hash);
  });

  it('has an id nobody mistypes', () => {
    const ids = new Set(
      Array.from({ length: 200 }, (_, i) =>
        printId(Uint8Array.from({ length: ID_LENGTH }, (_, k) => i * 7 + k * 31)),
      ),
    );
    for (const id of ids) expect(id).toMatch(/^[0-9A-HJKMNP-TV-Z]{10}$/);
    expect(ids.size).toBeGreaterThan(30);
  });

  it('that stands several times on A4 has a code of its own each time', () => {
    const small = {
      ...recipe,
      aids: { ...recipe.aids, marks: 'every' as const },
      width: 1,
      paper: { ...recipe.paper, format: 'a6' as const },
    };
    const composed = compose(small, { bands: [bandOf('b1', 'letter', 'n')] });
    const steps = [...practiceSteps(composed, 'Small', 'a4', {}, 'ABCDEFGH12')];
    const ids = steps.flatMap(({ kept = [] }) => kept.map(({ code }) => code.id));
    expect(new Set(ids).size).toBe(copiesOnLarge(composed.boxes.page));
    expect(new Set(ids).size).toBeGreaterThan(1);
    for (const id of ids) expect(id).toMatch(PRINT_ID);
  });

  it('without an id is not kept, and a frame stands where its code would', () => {
    const prints = new Prints();
    const composed = compose(recipe, { bands });
    const drawing = prints.draw({ composed, index: 0 });
    expect(prints.take()).toEqual([]);
    expect(JSON.stringify(drawing)).toContain('code of the print');
  });
});
