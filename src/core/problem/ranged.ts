import { z } from 'zod';
import { LIMITS, type LimitId, notANumber, outOfRange } from './limits';

/** A number within a field's range; refusals name the field and the nearest value that works. */
export const ranged = (id: LimitId) => {
  const limit = LIMITS[id];
  return z
    .number({ error: () => notANumber(limit) })
    .min(limit.low, { error: (issue) => outOfRange(limit, issue.input as number) })
    .max(limit.high, { error: (issue) => outOfRange(limit, issue.input as number) });
};

/** As `ranged`, and whole. */
export const whole = (id: LimitId) =>
  ranged(id).refine(Number.isInteger, {
    error: (issue) =>
      `${LIMITS[id].label} must be a whole number; the nearest is ${Math.round(issue.input as number)}.`,
  });
