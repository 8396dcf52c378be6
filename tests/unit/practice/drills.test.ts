import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { drawingBounds } from '@/core/drawing/bounds';
import { derivativeAt } from '@/core/geometry/cubic';
import { directionOf } from '@/core/geometry/vec';
import { HANDS, type HandId } from '@/core/hands/registry';
import { pressedWidth } from '@/core/pen/pen';
import { trace } from '@/core/pen/trace';
import { bandOf } from '@/core/practice/bands/bandOf';
import { subjectsOf } from '@/core/practice/bands/partsOf';
import { compose } from '@/core/practice/compose';
import { DRILLS, drillById, drillsFor } from '@/core/practice/drills';
import { type Ground, groundOf } from '@/core/practice/ground';
import { PICTURES } from '@/core/practice/pictures';
import type { Figure } from '@/core/writing/figure';
import { fadesOf, inkNodes, reachBeyond } from '@/core/writing/ink';

const groundFor = (hand: HandId) => groundOf(freshRecipe(hand), { size: 1, held: false });
const drillOf = (ground: Ground, id: string): Figure => {
  const [subject] = subjectsOf(ground, bandOf('d', 'drill', id), 100).subjects;
  return (subject as { figure: Figure }).figure;
};
const strokesOf = (figure: Figure) => figure.shapes.flatMap(({ cut }) => cut.strokes);

describe('stroke drills', () => {
  it.each(HANDS.map(({ id }) => id))(
    '%s: each stays between ascender and descender and does not stop short of the body',
    (hand) => {
      const ground = groundFor(hand);
      const { zones } = ground;
      for (const { id } of drillsFor(ground.recipe)) {
        const { reach } = drillOf(ground, id);
        const slack = 1.2;
        expect(reach.top, id).toBeLessThan(zones.body + zones.ascender + slack);
        expect(reach.bottom, id).toBeGreaterThan(-zones.descender - slack);
        expect(reach.right - reach.left, id).toBeGreaterThan(1);
        expect(reach.top - reach.bottom, id).toBeGreaterThan(0.4 * zones.body);
      }
    },
  );

  it('all are for some hand, and each hand has its pen’s own', () => {
    const italic = drillsFor(freshRecipe('italic')).map(({ id }) => id);
    const copperplate = drillsFor(freshRecipe('copperplate')).map(({ id }) => id);
    expect(
      new Set([...italic, ...copperplate].concat(drillsFor(freshRecipe('brush')).map(({ id }) => id))).size,
    ).toBe(DRILLS.length);
    expect(italic).toContain('angle-ladder');
    expect(italic).not.toContain('pressure');
    expect(copperplate).toContain('pressure');
    expect(copperplate).not.toContain('angle-ladder');
  });

  it('the zigzag goes up on the thin and down at full width, at the angle of the pen', () => {
    const ground = groundFor('italic');
    const [stroke] = strokesOf(drillOf(ground, 'zigzag'));
    for (const cubic of stroke?.path ?? []) {
      const direction = directionOf(derivativeAt(cubic, 0.5));
      const across = Math.abs(((direction - ground.recipe.penAngle + 360) % 180) - 90);
      // Along the edge the mark is a hairline (90° from full width), across it the whole nib.
      const upward = direction > 0 && direction < 180;
      // The drill leans with the hand: a few degrees off the exact.
      if (upward) expect(across).toBeGreaterThan(80);
      else expect(across).toBeLessThan(10);
    }
  });

  it('the angle ladder lays one stroke at 0, 15, 30, 45, 60 and 90°', () => {
    const figure = drillOf(groundFor('italic'), 'angle-ladder');
    const { penAngle } = freshRecipe('italic');
    expect(strokesOf(figure).map(({ turns }) => Math.round(penAngle + (turns[0] ?? 0)))).toEqual([
      0, 15, 30, 45, 60, 90,
    ]);
    expect(figure.labels.map(({ text }) => text)).toEqual(['0°', '15°', '30°', '45°', '60°', '90°']);
  });

  it('stems are parallel, evenly apart, and lean with the hand', () => {
    for (const hand of ['italic', 'copperplate'] as const) {
      const ground = groundFor(hand);
      const ways = strokesOf(drillOf(ground, 'stems')).map(({ path }) => {
        const [first, last] = [path[0], path.at(-1)] as [(typeof path)[number], (typeof path)[number]];
        return { at: first[0][0], lean: Math.atan2(first[0][0] - last[3][0], first[0][1] - last[3][1]) };
      });
      const steps = ways.slice(1).map(({ at }, i) => at - (ways[i] as { at: number }).at);
      for (const step of steps) expect(step).toBeCloseTo(steps[0] as number, 6);
      for (const { lean } of ways) expect((lean * 180) / Math.PI).toBeCloseTo(ground.recipe.slope, 0);
    }
  });

  it('the pressure ramp grows from hairline to full shade', () => {
    const ground = groundFor('copperplate');
    const { pen } = ground;
    if (pen.kind !== 'pointed') throw new Error('Copperplate is written with a pointed pen.');
    const widths = strokesOf(drillOf(ground, 'pressure')).map((stroke) =>
      Math.max(...trace(stroke, 0.05).map(({ press }) => pressedWidth(pen, press))),
    );
    const ramp = widths.slice(0, 5);
    expect(ramp).toEqual([...ramp].sort((a, b) => a - b));
    expect(ramp[0] as number).toBeLessThan(ramp.at(-1) as number);
    expect(Math.max(...widths)).toBeGreaterThan(0.9 * pen.spread);
  });

  it('has words for every drill and picture', () => {
    for (const { name, remark } of DRILLS) expect(name.length * remark.length).toBeGreaterThan(0);
    for (const { steps } of PICTURES) for (const { say } of steps) expect(say).not.toBe('');
    expect(drillById('none such')).toBeUndefined();
  });
});

describe('picture drills', () => {
  it.each(PICTURES)('$name: numbered steps, two to follow, two from eye', ({ id, steps }) => {
    const { pages } = compose(freshRecipe('italic'), { bands: [bandOf('p', 'picture', id)] });
    const cells = pages.flatMap(({ laid }) => laid.flatMap((part) => part.cells));
    const count = (kind: string) => cells.filter((cell) => cell.kind === kind).length;
    expect([count('step'), count('trace'), count('free')]).toEqual([steps.length, 2, 2]);
    expect(steps.length).toBeGreaterThan(1);
  });
});

describe('fading', () => {
  it('goes from contour over skeleton to key points, evenly, whatever the number', () => {
    expect(fadesOf(0)).toEqual([]);
    expect(fadesOf(1)).toEqual(['skeleton']);
    expect(fadesOf(2)).toEqual(['contour', 'key points']);
    expect(fadesOf(3)).toEqual(['contour', 'skeleton', 'key points']);
    expect(fadesOf(3, 'skeleton')).toEqual(['key points', 'key points', 'key points']);
    expect(fadesOf(2, 'outline')).toEqual(['skeleton', 'key points']);
    const order = ['contour', 'skeleton', 'key points'];
    for (const count of [4, 5, 8]) {
      const places = fadesOf(count).map((model) => order.indexOf(model));
      expect(places).toEqual([...places].sort());
      expect(new Set(places).size).toBe(3);
    }
  });

  it('every model stays within the ink and its marks', () => {
    for (const hand of ['italic', 'copperplate', 'monoline', 'brush'] as const) {
      const ground = groundFor(hand);
      const { reach } = drillOf(ground, 'waves');
      const figure = drillOf(ground, 'waves');
      for (const model of ['solid', 'outline', 'doubled', 'skeleton', 'contour', 'key points'] as const) {
        const nodes = inkNodes(ground.pen, figure, model, [0, 0], ground.unit, '#000000');
        const bounds = drawingBounds({ nodes });
        expect(bounds, `${hand} ${model}`).toBeDefined();
        const { around, right } = reachBeyond(model, ground.pen, ground.unit);
        const slack = around + 0.02;
        expect(bounds?.left).toBeGreaterThanOrEqual(reach.left * ground.unit - slack);
        expect(bounds?.right).toBeLessThanOrEqual((reach.right + right) * ground.unit + slack);
        expect(bounds?.top).toBeGreaterThanOrEqual(-reach.top * ground.unit - slack);
        expect(bounds?.bottom).toBeLessThanOrEqual(-reach.bottom * ground.unit + slack);
      }
    }
  });

  it('each cell of a band shows less than the one before', () => {
    const bands = [bandOf('n', 'letter', 'n', { trace: 1, fading: 3, free: 1, guided: false })];
    const { pages } = compose(freshRecipe('italic'), { bands });
    const cells = pages.flatMap(({ laid }) => laid.flatMap((part) => part.cells));
    expect(cells.map(({ kind }) => kind)).toEqual(['trace', 'fading', 'fading', 'fading', 'free']);
    const drawn = cells.map((cell) => cell.under().length > 0);
    expect(drawn).toEqual([true, true, true, true, false]);
  });
});
