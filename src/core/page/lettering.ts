import type { Mm } from '../measure/units';

/** Line width of gauges and bars, and the size of small lettering in print: 7 pt, the least that is easily read at a desk (common practice). */
export const AID_LINE: Mm = 0.18;
export const SMALL: Mm = 2.5;
/** Size of what stands in the header. */
export const HEADER_SIZE: Mm = 3.4;
