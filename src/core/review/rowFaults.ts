/** What a whole row shows that its model has not. */
export const ROW_FAULTS = [
  'stroke missing',
  'strokes apart',
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
  'above the line',
  'below the line',
] as const;
export type RowFault = (typeof ROW_FAULTS)[number];
