/** What can be seen to go wrong. */
export const SEEN = [
  'will not start',
  'two rails',
  'blob',
  'ragged edge',
  'beads',
  'skipping',
  'no thick and thin',
  'heavy all over',
  'black inside',
  'slope wanders',
  'smears',
  'bleeds through',
  'ragged on one side',
  'line off centre',
  'cramp',
] as const;
export type Seen = (typeof SEEN)[number];
