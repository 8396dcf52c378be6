import { z } from 'zod';
import { BASES, CONSISTENCIES, type Mix } from './mix';
import { MIX_AMOUNTS } from './mixAmounts';

function amount(key: keyof typeof MIX_AMOUNTS) {
  const { label, unit, low, high } = MIX_AMOUNTS[key];
  return z
    .number({ error: () => `${label} must be a number from ${low} to ${high} ${unit}.` })
    .min(low)
    .max(high);
}

/** Schema of a mix. */
export const mixSchema = z.strictObject({
  id: z.string().min(1).max(40),
  label: z
    .string()
    .min(1, { error: () => 'A mix needs a name.' })
    .max(80),
  base: z.enum(BASES),
  baseMl: amount('baseMl'),
  waterMl: amount('waterMl'),
  gumDrops: amount('gumDrops'),
  consistency: z.enum(CONSISTENCIES),
  madeAt: z.iso.datetime(),
  note: z.string().max(200).default(''),
  writtenWith: z.string().max(200).default(''),
}) satisfies z.ZodType<Mix>;
