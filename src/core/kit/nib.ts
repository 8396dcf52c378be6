import type { ToolFamily } from '../hand/hand';
import { clamp, type Mm } from '../measure/units';
import { LIMITS } from '../problem/limits';

/** What lies in the drawer. Two bound pencils write as a broad edge whose width is their gap; a round point writes one line. */
export const NIB_KINDS = ['broad', 'pointed', 'brush', 'two-point', 'round'] as const;
export type NibKind = (typeof NIB_KINDS)[number];

export interface Nib {
  readonly id: string;
  readonly kind: NibKind;
  readonly label: string;
  /** Edge length W, gap of two points, full shade across the stroke, or the line of a round point. */
  readonly width: Mm;
  /** Thickness of its edge, including wear. */
  readonly edge: Mm;
  /** The finest line its tip leaves; absent for an edge, whose hairline is its thickness. */
  readonly hairline?: Mm;
  /** Standard uncertainty of a measured width; null where the width is only as marked. */
  readonly uncertainty: Mm | null;
  readonly measuredAt: string | null;
}

/** Full shade over hairline of a pen with a tip; undefined for an edge. */
export const contrastOf = ({ width, hairline }: Pick<Nib, 'width' | 'hairline'>): number | undefined =>
  hairline && clamp(width / hairline, LIMITS.contrast.low, LIMITS.contrast.high);

/** The nibs that can write a hand of this family. */
export function nibsFor<T extends Pick<Nib, 'kind'>>(family: ToolFamily, drawer: readonly T[]): T[] {
  const kinds: Readonly<Record<ToolFamily, readonly NibKind[]>> = {
    broad: ['broad', 'two-point'],
    pointed: ['pointed'],
    brush: ['brush'],
    monoline: ['round'],
  };
  return drawer.filter((nib) => kinds[family].includes(nib.kind));
}
