import { z } from 'zod';
import { handIdSchema } from '../hands/handId';
import { choice } from '../problem/schema';
import {
  EXPERIENCES,
  type Need,
  PURPOSES,
  SCHOOLS,
  type SchoolId,
  type Schools,
  SIDES,
  USUAL_SCHOOLS,
} from './need';

const schoolChoice = <S extends SchoolId>(school: S) => {
  const { name, choices } = SCHOOLS[school];
  const ids = Object.keys(choices).filter((id): id is Schools[S] & string => Object.hasOwn(choices, id));
  return z
    .enum(ids, { error: () => `${name} must be one of: ${ids.join(', ')}.` })
    .default(USUAL_SCHOOLS[school]);
};

/** Which way a scribe goes where schools differ. */
export const schoolSchema = z.strictObject({
  firstNib: schoolChoice('firstNib'),
  firstPointed: schoolChoice('firstPointed'),
  holder: schoolChoice('holder'),
  loading: schoolChoice('loading'),
  angle: schoolChoice('angle'),
});

/** Schema of a need: what a kit is wanted for. */
export const needSchema = z.strictObject({
  hand: handIdSchema,
  purpose: choice('Purpose', PURPOSES).default('drills'),
  bodyMm: z
    .number({ error: () => 'Body wanted must be a number of mm.' })
    .min(1, { error: () => 'Body wanted is at least 1 mm.' })
    .max(200, { error: () => 'Body wanted is at most 200 mm.' })
    .nullable()
    .default(null),
  experience: choice('Experience', EXPERIENCES).default('some'),
  side: choice('Writing hand', SIDES).default('right'),
  schools: schoolSchema.default(USUAL_SCHOOLS),
}) satisfies z.ZodType<Need>;
