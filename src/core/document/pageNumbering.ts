import { z } from 'zod';

const pageNumber = z.int().min(1).max(9999);

/** Which page of a print is its first, and how many there are. */
export const pageNumbering = z.strictObject({ first: pageNumber, of: pageNumber });
