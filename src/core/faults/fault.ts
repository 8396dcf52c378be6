/** Something one hand does wrong in every letter of a row, by its size: 1 is plain to see. */
export const FAULTS = [
  'narrow',
  'wide',
  'short',
  'tall',
  'leaning',
  'upright',
  'not parallel',
  'flat',
  'steep',
  'high branch',
  'low branch',
  'off the line',
  'stroke missing',
  'strokes apart',
] as const;
export type Fault = (typeof FAULTS)[number];
