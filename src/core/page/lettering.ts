import type { Mm } from '../measure/units';

/** Line width of gauges and bars, and the size of their small lettering. */
export const AID_LINE: Mm = 0.18;
export const SMALL: Mm = 2.2;
/** Size of what stands in the header. */
export const HEADER_SIZE: Mm = 3.4;
