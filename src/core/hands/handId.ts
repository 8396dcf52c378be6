import { z } from 'zod';
import { HANDS, isHand } from './registry';

/** The id of a hand, from outside: one of the registry. */
export const handIdSchema = z
  .string({ error: () => 'Hand must be text.' })
  .refine(isHand, { error: () => `Hand must be one of: ${HANDS.map(({ id }) => id).join(', ')}.` });
