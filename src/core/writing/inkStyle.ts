/** Written whole; as two bound pencils draw it; with a round point and a second contour; as the path of the pen. */
export const INKS = ['solid', 'outline', 'doubled', 'skeleton'] as const;
export type InkStyle = (typeof INKS)[number];
