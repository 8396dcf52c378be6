import { z } from 'zod';
import { handIdSchema } from '../hands/handId';
import { EXPERIENCES, GRIP_WISHES, SIDES, USUAL_SCHOOLS } from '../kit/need';
import { schoolSchema } from '../kit/needFormat';
import { choice } from '../problem/schema';
import { type About, DESK_PAPERS, NOBODY, UNITS } from './about';

/** What a scribe says of themselves, as it is read from outside. */
export const aboutSchema = z.strictObject({
  side: choice('Writing hand', SIDES).default(NOBODY.side),
  units: choice('Units', UNITS).default(NOBODY.units),
  paper: choice('Paper', DESK_PAPERS).default(NOBODY.paper),
  experience: choice('Experience', EXPERIENCES).default(NOBODY.experience),
  schools: schoolSchema.default(USUAL_SCHOOLS),
  grip: choice('Grip', GRIP_WISHES).default(NOBODY.grip),
  hand: handIdSchema.nullable().default(null),
}) satisfies z.ZodType<About>;
