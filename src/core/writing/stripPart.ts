/** Parts of a nib's strip: strokes that show one thing about the nib each. */
export const STRIP_PARTS = ['hairline', 'full', 'opening', 'load'] as const;
export type StripPart = (typeof STRIP_PARTS)[number];
