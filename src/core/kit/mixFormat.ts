import { z } from 'zod';
import { BASES, CONSISTENCIES, type Mix } from './mix';

/** Schema of a mix. */
export const mixSchema = z.strictObject({
  id: z.string().min(1).max(40),
  label: z
    .string()
    .min(1, { error: () => 'A mix needs a name.' })
    .max(80),
  base: z.enum(BASES),
  baseMl: z
    .number({ error: () => 'Base must be a number from 0 to 200 ml.' })
    .min(0)
    .max(200),
  waterMl: z
    .number({ error: () => 'Water must be a number from 0 to 200 ml.' })
    .min(0)
    .max(200),
  gumDrops: z
    .number({ error: () => 'Gum must be a number from 0 to 200 drops.' })
    .min(0)
    .max(200),
  consistency: z.enum(CONSISTENCIES),
  madeAt: z.iso.datetime(),
  note: z.string().max(200).default(''),
}) satisfies z.ZodType<Mix>;
