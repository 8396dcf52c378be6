import { z } from 'zod';
import { ranged, whole } from '../problem/ranged';

/** What the user pinned; everything else of these four follows (solve.ts). */
export const givenSchema = z.strictObject({
  width: ranged('width').optional(),
  bodyMm: ranged('bodyMm').optional(),
  body: ranged('body').optional(),
  lines: whole('lines').optional(),
});

export type Given = z.infer<typeof givenSchema>;
