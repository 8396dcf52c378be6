import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { HandId } from '@/core/hands/registry';
import { loadScript } from '@/core/hands/scripts';
import { type Ground, groundOf } from '@/core/practice/ground';
import { type Grey, sampleAt } from '@/core/raster/grey';
import { PIXELS_PER_MM as P } from '@/core/register/pageMap';
import { exemplarOf, type Inked } from '@/core/review/exemplar';
import type { FigureId } from '@/core/review/figures/registry';
import { lineFigures } from '@/core/review/lineFigures';
import { type Written, writtenIn } from '@/core/review/written';
import { textFigure } from '@/core/writing/figure';

const TEXT = 'minimum undine';
/** What is done to a row of the model: it leans more (its tangent), is wider along the line and taller, and moves up, in mm. */
interface Change {
  readonly lean?: number;
  readonly long?: number;
  readonly tall?: number;
  readonly up?: number;
}

/** Ink as another hand would have left it: the model's, drawn out about its baseline. */
function changed({ ink, baseline, origin }: Inked, { lean = 0, long = 1, tall = 1, up = 0 }: Change): Inked {
  const [width, height] = [Math.ceil(ink.width * long) + 40, Math.ceil(ink.height * tall) + 60];
  const data = new Float32Array(width * height);
  const foot = baseline * tall + 30;
  for (let y = 0; y < height; y++) {
    const over = (foot - (y + 0.5) - up * P) / tall;
    for (let x = 0; x < width; x++) {
      const from = (x + 0.5 - 20 - over * tall * lean) / long;
      const inside = from > 0 && from < ink.width && baseline - over > 0 && baseline - over < ink.height;
      if (inside) data[y * width + x] = sampleAt(ink, from, baseline - over);
    }
  }
  return { ink: { width, height, data } satisfies Grey, baseline: foot, origin: origin + 20 };
}

let ground: Ground;
let model: Written;
let inked: Inked;
async function begin(hand: HandId, text = TEXT) {
  await loadScript(hand);
  ground = groundOf(freshRecipe(hand), { size: 1, held: false });
  const figure = ground.face && textFigure(ground.face, text);
  if (!figure) throw new Error('the hand has these letters');
  inked = exemplarOf(ground.pen, figure, ground.unit, P);
  model = writtenIn(inked.ink, inked.baseline, ground);
}

/** The figures of three such rows, by name. */
function read(change: Change, known: { printed?: boolean; asSet?: boolean; sameWords?: boolean } = {}) {
  const { ink, baseline } = changed(inked, change);
  const row = writtenIn(ink, baseline, ground);
  const rows = [row, row, row];
  const figures = lineFigures(rows, known.asSet ? [model, model, model] : [model], {
    ground,
    scale: 0,
    bodyShown: false,
    printed: true,
    asSet: false,
    sameWords: true,
    ...known,
  });
  const of = (id: FigureId) => figures.find((figure) => figure.id === id);
  return Object.assign((id: FigureId) => of(id)?.value ?? Number.NaN, {
    asked: (id: FigureId) => of(id)?.asked,
  });
}

describe('a row of italic without cells', () => {
  beforeAll(() => begin('italic'));

  it('is measured in groups of a few letters, that stand on their lines', () => {
    expect(model.groups.length).toBeGreaterThan(3);
    const body = ground.zones.body * ground.unit * P;
    // Thirteen letters, most of two stems and more.
    expect(model.groups.flatMap(({ stems }) => stems).length).toBeGreaterThan(16);
    for (const { left, right, feet, tops } of model.groups) {
      expect(right - left).toBeLessThan(3.4 * body);
      for (const foot of feet) expect(Math.abs(foot)).toBeLessThan(0.2 * body);
      for (const top of tops) expect(Math.abs(top - body)).toBeLessThan(0.2 * body);
    }
    expect([...model.groups].sort((a, b) => a.left - b.left)).toEqual(model.groups);
  });

  it('as its model is what is asked, in every figure', () => {
    const of = read({}, { asSet: true });
    const { recipe, unit, zones } = ground;
    expect(Math.abs(of('angle') - recipe.penAngle)).toBeLessThan(0.5);
    expect(Math.abs(of('slope') - recipe.slope)).toBeLessThan(0.2);
    expect(of('body')).toBeCloseTo(zones.body * unit, 1);
    expect(of('weight')).toBeCloseTo(1, 2);
    expect(of('lines')).toBeCloseTo(1, 2);
    expect(Math.abs(of('feet'))).toBeLessThan(0.05);
    expect(Math.abs(of('heads'))).toBeLessThan(0.05);
    expect(Math.abs(of('sinking'))).toBeLessThan(0.3);
  });

  it.each([-4, 3, 6])('that leans %d° more is told to lean so', (by) => {
    const { slope } = ground.recipe;
    const lean = Math.tan(((slope + by) * Math.PI) / 180) - Math.tan((slope * Math.PI) / 180);
    expect(Math.abs(read({ lean })('slope') - slope - by)).toBeLessThan(0.5);
  });

  it('that is taller, or stands off its line, is told so: head and foot', () => {
    const { unit, zones } = ground;
    expect(read({ tall: 1.08 })('body') / (zones.body * unit)).toBeCloseTo(1.08, 1);
    const raised = read({ up: 0.8 });
    expect(Math.abs(raised('feet') - 0.8)).toBeLessThan(0.1);
    expect(Math.abs(raised('heads') - 0.8)).toBeLessThan(0.1);
    expect(Math.abs(raised('body') - zones.body * unit)).toBeLessThan(0.15);
    // Where lines were shown by hand, nothing is known of what stands on them.
    expect(read({ up: 0.8 }, { printed: false })('feet')).toBeNaN();
  });

  it('that is drawn out along the line has longer lines, stems farther apart and thicker', () => {
    const wide = read({ long: 1.1 }, { asSet: true });
    expect(wide('lines')).toBeCloseTo(1.1, 2);
    expect(wide('stride') / read({})('stride')).toBeCloseTo(1.1, 1);
    expect(wide('weight')).toBeGreaterThan(1.06);
    expect(read({ long: 1.1 })('lines')).toBeNaN();
  });

  it('is not measured by dots, dust, or ink of the row below', () => {
    const { ink, baseline } = inked;
    const body = ground.zones.body * ground.unit * P;
    const data = Float32Array.from(ink.data);
    const blot = (x: number, y: number, size: number) => {
      for (let py = y; py < y + size; py++) data.fill(1, py * ink.width + x, py * ink.width + x + size);
    };
    // Beside the words: a speck in the body, and a patch whose top only reaches the baseline.
    blot(2, Math.round(baseline - body / 2), Math.round(0.05 * body));
    const dusted = writtenIn({ ...ink, data }, baseline, ground);
    expect(dusted.groups.map(({ left, right }) => [left, right])).toEqual(
      model.groups.map(({ left, right }) => [left, right]),
    );
  });
});

describe('a row of copperplate without cells', () => {
  beforeAll(() => begin('copperplate'));

  it('has no edge to tell, and leans as it is written', () => {
    expect(model.edge()).toBeUndefined();
    const { slope } = ground.recipe;
    const of = read({ lean: Math.tan(((slope - 4) * Math.PI) / 180) - Math.tan((slope * Math.PI) / 180) });
    expect(of('angle')).toBeNaN();
    expect(Math.abs(of('slope') - slope + 4)).toBeLessThan(1);
  });
});

describe('a row of Roman capitals without cells', () => {
  beforeAll(() => begin('roman', 'THEFT PRIDE'));

  it('has one stem where a bar crosses it, and its stems stand a counter apart', () => {
    const body = ground.zones.body * ground.unit;
    const places = model.groups.flatMap(({ stems }) => stems.map(({ x }) => x / P));
    const apart = places.slice(1).map((x, i) => x - (places[i] as number));
    // Two stems of the width of a nib touch at least where no white is between them.
    for (const off of apart) expect(off).toBeGreaterThan(2 * ground.recipe.width);
    expect(read({})('stride')).toBeGreaterThan(0.3 * body);
  });

  it('is asked no distance of stems where its words are not known', () => {
    expect(read({}).asked('stride')).toBeGreaterThan(0);
    expect(read({}, { sameWords: false }).asked('stride')).toBeNull();
    expect(read({}, { sameWords: false })('stride')).toBe(read({})('stride'));
  });
});
