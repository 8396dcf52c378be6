import type { FactName } from '../kit/facts';
import { factsOf } from '../kit/facts';
import type { Item } from '../kit/item';
import type { NibProfile } from './strip';

/** Facts that a strip tells. */
type Told = Pick<Item, 'width' | 'uncertainty' | 'measuredAt' | 'hairline' | 'load'>;

/** Error of a figure as it is shown, in standard uncertainties. */
const SHOWN = 2;

/** What is kept of a strip with the tool that wrote it: only facts which a tool of its kind has. `at` is an ISO time. */
export function factsFrom(profile: NibProfile, kind: Item['kind'], at: string): Partial<Told> {
  const has = new Set<FactName>(factsOf(kind).map(({ key }) => key));
  const { hairline, full, load } = profile;
  return {
    ...(full && {
      width: full.value,
      uncertainty: Math.round((1000 * full.error) / SHOWN) / 1000,
      measuredAt: at,
    }),
    ...(hairline && has.has('hairline') && { hairline: hairline.value }),
    ...(load && has.has('load') && { load: load.area }),
  };
}
