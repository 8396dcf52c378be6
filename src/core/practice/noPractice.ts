import type { Practice } from './band';

/** A sheet on which nothing is practised. */
export const NO_PRACTICE: Practice = { bands: [] };
