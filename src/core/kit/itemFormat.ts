import { z } from 'zod';
import { PICTURE_ID } from '../picture/picture';
import { Problem } from '../problem/problem';
import { read } from '../problem/read';
import { shortText } from '../problem/schema';
import { FACT_SCHEMAS, flagSchema } from './factSchemas';
import { type ItemKind, isItemKind, itemKinds, kindName } from './itemKinds';
import { toolOf } from './kinds/registry';

export const itemSchema = z.strictObject({
  id: shortText('The id', 40).min(1),
  kind: z.custom<ItemKind>(isItemKind, {
    error: () => `Kind must be one of: ${itemKinds().join(', ')}.`,
  }),
  label: shortText('Name', 80).min(1, { error: () => 'An item needs a name.' }),
  note: shortText('Note', 400).default(''),
  archived: flagSchema('Archived').default(false),
  /** The id of a picture (core/picture). */
  photo: z
    .string({ error: () => 'Photo must be text.' })
    .regex(PICTURE_ID, { error: () => 'Photo must be the id of a picture that is kept.' })
    .nullable()
    .default(null),
  ...FACT_SCHEMAS,
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
        `Smallest arc it takes is ${item.fitsRadiusFrom} mm, more than the largest (${item.fitsRadiusTo} mm); the nearest that works is ${item.fitsRadiusTo} mm.`,
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
