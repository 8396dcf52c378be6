import { z } from 'zod';
import { PICTURE_ID } from '../picture/picture';
import { Problem } from '../problem/problem';
import { read } from '../problem/read';
import { choice, shortText } from '../problem/schema';
import { CUTS, FLEXES, HOLDER_TYPES, INK_KINDS, SIZINGS, SURFACES, TONES, WEARS } from './choices';
import { type ItemKind, isItemKind, itemKinds, kindName } from './itemKinds';
import { toolOf } from './kinds/registry';

/** A fact nobody has looked up yet is null; the matcher then says what it could not judge. */
const unknown = <T extends z.ZodType>(schema: T) => schema.nullable().default(null);

const number = (label: string, unit: string, low: number, high: number) =>
  z
    .number({ error: () => `${label} must be a number from ${low} to ${high} ${unit}.` })
    .min(low, {
      error: (issue) => `${label} is ${issue.input} ${unit}; the nearest that works is ${low} ${unit}.`,
    })
    .max(high, {
      error: (issue) => `${label} is ${issue.input} ${unit}; the nearest that works is ${high} ${unit}.`,
    });

const flag = (label: string) => z.boolean({ error: () => `${label} must be yes or no.` });

export const itemSchema = z.strictObject({
  id: shortText('The id', 40).min(1),
  kind: z.custom<ItemKind>(isItemKind, {
    error: () => `Kind must be one of: ${itemKinds().join(', ')}.`,
  }),
  label: shortText('Name', 80).min(1, { error: () => 'An item needs a name.' }),
  note: shortText('Note', 400).default(''),
  archived: flag('Archived').default(false),
  /** The id of a picture (core/picture). */
  photo: unknown(
    z.string({ error: () => 'Photo must be text.' }).regex(PICTURE_ID, {
      error: () => 'Photo must be the id of a picture that is kept.',
    }),
  ),
  // Tools
  width: unknown(number('Width', 'mm', 0.05, 40)),
  uncertainty: unknown(number('Uncertainty of the width', 'mm', 0, 5)),
  measuredAt: unknown(z.iso.datetime({ error: () => 'Measured at must be a date and time.' })),
  cut: unknown(choice('Cut', CUTS)),
  cutDegrees: unknown(number('Degrees of the cut', '°', 0, 45)),
  flex: unknown(choice('Flexibility', FLEXES)),
  shankRadius: unknown(number('Radius of the shank’s arc', 'mm', 0.5, 20)),
  shankWidth: unknown(number('Width of the shank', 'mm', 0.5, 20)),
  reservoir: unknown(flag('Reservoir')),
  coated: unknown(flag('Coating still on')),
  wear: unknown(choice('Wear', WEARS)),
  hours: number('Hours written', 'h', 0, 100_000).default(0),
  fitting: unknown(shortText('Cartridge fitting', 40)),
  /** An elbow nib: bent, so that a straight holder points it along the slant. */
  bent: unknown(flag('Bent to its own angle')),
  // Holders
  holderType: unknown(choice('Type of holder', HOLDER_TYPES)),
  fitsRadiusFrom: unknown(number('Least arc radius it takes', 'mm', 0.5, 20)),
  fitsRadiusTo: unknown(number('Greatest arc radius it takes', 'mm', 0.5, 20)),
  fitsWidthTo: unknown(number('Widest shank it takes', 'mm', 0.5, 20)),
  flangeTurn: unknown(number('Turn of the flange', '°', 0, 60)),
  grip: unknown(number('Diameter of the grip', 'mm', 2, 40)),
  // Inks
  inkKind: unknown(choice('Kind of ink', INK_KINDS)),
  wetness: unknown(number('Wetness', 'of 5', 1, 5)),
  opacity: unknown(number('Opacity', 'of 5', 1, 5)),
  light: unknown(flag('Light ink')),
  waterproof: unknown(flag('Waterproof')),
  millilitres: unknown(number('Ink left', 'ml', 0, 5000)),
  /** As it dries on white paper; of inks, and of brush pens that have their own. */
  colour: unknown(
    z.string({ error: () => 'Colour must be text.' }).regex(/^#[0-9a-f]{6}$/, {
      error: () => 'Colour is written as # and six of 0–9 and a–f, such as #1f3a6e.',
    }),
  ),
  // Papers
  surface: unknown(choice('Surface', SURFACES)),
  sizing: unknown(choice('Sizing', SIZINGS)),
  grams: unknown(number('Weight of the paper', 'g/m²', 10, 2000)),
  tone: unknown(choice('Colour of the paper', TONES)),
  paperWidth: unknown(number('Width of the sheet', 'mm', 20, 2000)),
  paperHeight: unknown(number('Height of the sheet', 'mm', 20, 2000)),
});

/** A thing on the bench; a fact nobody has looked up yet is null. */
export type Item = z.infer<typeof itemSchema>;

/** Facts that cannot both be true. */
function contradiction(item: Item): Problem | undefined {
  const range = toolOf(item.kind)?.widths;
  if (range && item.width !== null && (item.width < range[0] || item.width > range[1])) {
    const nearest = item.width < range[0] ? range[0] : range[1];
    return new Problem(
      'width',
      `Width: a ${kindName(item.kind)} of ${item.width} mm cannot be; the nearest that works is ${nearest} mm.`,
    );
  }
  if (item.cut === 'square' && (item.cutDegrees ?? 0) > 0) {
    return new Problem(
      'cutDegrees',
      'Degrees of the cut: a square cut has none; set 0, or choose an oblique cut.',
    );
  }
  if (item.kind === 'holder' && item.fitsRadiusFrom !== null && item.fitsRadiusTo !== null) {
    if (item.fitsRadiusFrom > item.fitsRadiusTo) {
      return new Problem(
        'fitsRadiusFrom',
        `Least arc radius it takes is ${item.fitsRadiusFrom} mm, more than the greatest (${item.fitsRadiusTo} mm); the nearest that works is ${item.fitsRadiusTo} mm.`,
      );
    }
  }
  return undefined;
}

/**
 * Reads an item from untrusted data.
 * @throws Problem naming the field and the nearest value that works.
 */
export function parseItem(data: unknown): Item {
  const item = read(itemSchema, data, { what: 'the item' });
  const wrong = contradiction(item);
  if (wrong) throw wrong;
  return item;
}
