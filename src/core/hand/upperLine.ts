import type { Hand } from './hand';

/** The line that letters of a hand's own case reach up to: capitals have no waistline. */
export const upperLine = ({ capitalsOnly }: Pick<Hand, 'capitalsOnly'>): 'capital line' | 'waistline' =>
  capitalsOnly ? 'capital line' : 'waistline';
