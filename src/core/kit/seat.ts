/** How a nib was found to sit in a holder when the scribe tried it. */
export const SEATS = ['true', 'crooked', 'loose'] as const;
export type Seat = (typeof SEATS)[number];

/** A nib and a holder that were tried together; what was found goes before all arithmetic of arcs and flanges. */
export interface TriedSeat {
  /** Ids of things on the bench. */
  readonly tool: string;
  readonly holder: string;
  readonly how: Seat;
}

/** What was found of this pair; undefined where it was not tried. */
export const triedSeat = (
  tried: readonly TriedSeat[] | undefined,
  tool: { readonly id: string },
  holder: { readonly id: string },
): Seat | undefined => tried?.find((one) => one.tool === tool.id && one.holder === holder.id)?.how;
