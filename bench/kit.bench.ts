import { bench, describe } from 'vitest';
import { DEMO_BENCH } from '@/core/kit/demoBench';
import type { Item } from '@/core/kit/item';
import { match } from '@/core/kit/match';
import { needFor } from '@/core/kit/need';
import { onePurchase } from '@/core/kit/purchase';

/** Five hundred things, no two alike: over a million combinations for a dip nib alone. */
const LARGE: Item[] = Array.from({ length: 500 }, (_, i) => {
  const item = DEMO_BENCH[i % DEMO_BENCH.length] as Item;
  const more = 1 + (i % 97) / 500;
  return {
    ...item,
    id: `${item.id}-${i}`,
    label: `${item.label} ${i}`,
    width: item.width === null ? null : Math.min(3, item.width * more),
    shankRadius: item.shankRadius === null ? null : item.shankRadius * more,
    wetness: item.wetness === null ? null : 1 + ((i * 7) % 41) / 10,
    grams: item.grams === null ? null : item.grams + i,
  };
});
const count = (kind: Item['kind']) => LARGE.filter((item) => item.kind === kind).length;
const combinations = count('broad-nib') * count('holder') * count('ink') * count('paper');

describe(`500 things, ${combinations} combinations of dip nibs alone`, () => {
  bench('matched for italic', () => {
    match(needFor('italic'), LARGE);
  });
  bench('matched for copperplate', () => {
    match(needFor('copperplate', { experience: 'beginner' }), LARGE);
  });
  bench('the one purchase for italic', () => {
    onePurchase(needFor('italic'), LARGE);
  });
});
