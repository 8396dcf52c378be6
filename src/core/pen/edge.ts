import type { Mm } from '../measure/units';

/** Thickness of the edge of a dip nib, whatever its width: 0.05 to 0.15 mm (common teaching value). */
export const DIP_NIB_EDGE: Mm = 0.1;
