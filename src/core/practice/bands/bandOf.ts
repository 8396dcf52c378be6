import type { Band, How } from '../band';
import { BAND_KINDS, type BandKindId } from './registry';

/** A band with the defaults of its kind. */
export const bandOf = (id: string, kind: BandKindId, of: string, how: Partial<How> = {}): Band => ({
  id,
  what: { kind, of },
  how: { ...BAND_KINDS[kind].how, ...how },
});
