import type { Family } from '../hand';

/** The families of the alphabet, in the order they are taught, and the drill each grows out of. */
export const CURSIVE_FAMILIES = [
  { name: 'under-turn', case: 'small', drill: 'under-turns' },
  { name: 'oval', case: 'small', drill: 'ovals' },
  { name: 'compound', case: 'small', drill: 'compound-curves' },
  { name: 'loop', case: 'small', drill: 'loops' },
  { name: 'others', case: 'small', drill: 'descending-loops' },
  { name: 'pairs', case: 'other' },
  { name: 'capitals: oval', title: 'oval', case: 'capital', drill: 'ovals' },
  { name: 'capitals: stem', title: 'stem', case: 'capital', drill: 'pressure' },
  { name: 'capitals: pointed', title: 'pointed', case: 'capital', drill: 'stems' },
  { name: 'capital pairs', case: 'other' },
  { name: 'figures', case: 'figure' },
  { name: 'marks', case: 'other' },
] as const satisfies readonly Family[];
