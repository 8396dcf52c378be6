import fc from 'fast-check';
import { freshRecipe } from '@/core/document/defaults';
import type { Recipe } from '@/core/document/recipe';
import { HANDS, handById } from '@/core/hands/registry';
import { PAPER_FORMAT_IDS } from '@/core/measure/paper';
import { MARKINGS } from '@/core/page/pageShape';
import { Problem } from '@/core/problem/problem';
import { layoutSheet } from '@/core/sheet/layout';
import { settle } from '@/core/sheet/solve';

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });

/** Any recipe within the ranges a user can enter, settled. Many cannot be ruled; see `rulable`. */
export const anyRecipe: fc.Arbitrary<Recipe> = fc
  .record({
    hand: fc.constantFrom(...HANDS.map(({ id }) => id)),
    school: fc.nat(9),
    scale: number(0.3, 2.5),
    stretch: number(0.6, 1.6),
    penAngle: number(0, 90),
    slope: number(-30, 45),
    gap: number(0, 4),
    branch: fc.option(number(0.25, 8)),
    smallCapital: fc.option(number(0.25, 8)),
    shareZones: fc.boolean(),
    standing: fc.constantFrom('top', 'even', 'centre'),
    capitalLine: fc.constantFrom('ticks', 'full'),
    capitalsOnly: fc.boolean(),
    showSlope: fc.boolean(),
    spacing: number(2, 40),
    extent: fc.constantFrom('zones' as const, 'block' as const),
    ladder: fc.constantFrom('none' as const, 'page' as const, 'line' as const),
    aids: fc.record({
      gauge: fc.boolean(),
      letters: fc.boolean(),
      bars: fc.boolean(),
      header: fc.boolean(),
      marks: fc.constantFrom(...MARKINGS),
    }),
    format: fc.constantFrom(...PAPER_FORMAT_IDS),
    width: number(40, 450),
    height: number(40, 450),
    sideways: fc.boolean(),
    margins: fc.record({
      top: number(0, 30),
      right: number(0, 30),
      bottom: number(0, 30),
      left: number(0, 30),
    }),
    columns: fc.integer({ min: 1, max: 3 }),
    gutter: number(2, 20),
    mirrored: fc.boolean(),
    nibs: fc.oneof(fc.constant<number[]>([]), fc.array(number(0.5, 6), { minLength: 2, maxLength: 4 })),
    note: fc.string({ maxLength: 120 }),
    title: fc.string({ maxLength: 80 }),
    exemplar: fc.constantFrom('', 'jumping fog', 'Quiet aurora over Merrowdown', 'Łódź', 'л'),
    joined: fc.boolean(),
    contrast: fc.integer({ min: 2, max: 20 }),
    variants: fc.constantFrom<Record<string, string>>({}, { r: 'long-eared', g: 'flourished', s: 'plain' }),
  })
  .map((r) => {
    const { schools } = handById(r.hand);
    const base = freshRecipe(r.hand, schools[r.school % schools.length]?.id);
    const nibMeasured = base.given.body !== undefined;
    const given = nibMeasured
      ? { width: base.width * r.scale, body: base.zones.body * r.stretch }
      : { bodyMm: Math.max(1, (base.given.bodyMm ?? 6) * r.scale) };
    return settle({
      ...base,
      given,
      title: r.title,
      note: r.note,
      exemplar: r.exemplar,
      writing: { ...base.writing, contrast: r.contrast, joined: r.joined, variants: r.variants },
      penAngle: r.penAngle,
      slope: r.slope,
      zones: { ...base.zones, gap: r.gap, branch: r.branch, smallCapital: r.smallCapital },
      shareZones: r.shareZones,
      standing: r.standing,
      capitalLine: r.capitalLine,
      capitalsOnly: base.capitalsOnly || r.capitalsOnly,
      show: { ...base.show, slope: r.showSlope },
      slopeLines: { spacing: r.spacing, extent: r.extent },
      aids: { ladder: r.ladder, ...r.aids },
      paper: {
        format: r.format,
        width: r.width,
        height: r.height,
        sideways: r.sideways,
        margins: r.margins,
        columns: r.columns,
        gutter: r.gutter,
        mirrored: r.mirrored,
      },
      nibs: nibMeasured ? r.nibs : [],
    });
  });

/** Can this recipe be ruled at all? Anything but a `Problem` is a fault and is thrown on. */
export function rulable(recipe: Recipe): boolean {
  try {
    layoutSheet(recipe);
    return true;
  } catch (error) {
    if (error instanceof Problem) return false;
    throw error;
  }
}

/** Recipes that can be ruled. */
export const rulableRecipe = anyRecipe.filter(rulable);
