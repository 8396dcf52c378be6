import { z } from 'zod';
import type { Offer } from '../problem/problem';
import { ranged, whole } from '../problem/ranged';

/** What the user pinned; everything else of these four follows (solve.ts). */
export const givenSchema = z.strictObject({
  width: ranged('width').optional(),
  bodyMm: ranged('bodyMm').optional(),
  body: ranged('body').optional(),
  lines: whole('lines').optional(),
});

export type Given = z.infer<typeof givenSchema>;

/** An offer to pin other values. */
export const offerOf = (label: string, given: Given): Offer => ({ label, change: { given } });
