import type { Offer } from '../problem/problem';
import type { Given } from './given';

/** An offer to pin other values. */
export const offerOf = (label: string, given: Given): Offer => ({ label, change: { given } });
