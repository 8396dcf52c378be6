/** What a mix can hold of each part. */
export const MIX_AMOUNTS = {
  baseMl: { label: 'Base', unit: 'ml', low: 0, high: 200, step: 0.5 },
  waterMl: { label: 'Water', unit: 'ml', low: 0, high: 200, step: 0.5 },
  gumDrops: { label: 'Gum', unit: 'drops', low: 0, high: 200, step: 1 },
} as const;

/** Ink that is mixed for each part that is laid: as much again stays in the pen, in the pot and on trial sheets (our own estimate). */
const FOR_EACH_LAID = 2;
/** Smallest volume a nib can be dipped into, in a narrow pot (our own estimate). */
const DIPPED_INTO_ML = 2;

/** Volume to mix for a piece that lays `laidMl` of ink, in ml, to the next half. */
export const volumeFor = (laidMl: number): number =>
  Math.min(MIX_AMOUNTS.baseMl.high, Math.max(DIPPED_INTO_ML, Math.ceil(2 * FOR_EACH_LAID * laidMl) / 2));
