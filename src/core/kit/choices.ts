/** What the facts of things are chosen from. */
export const CUTS = ['square', 'left-oblique', 'right-oblique'] as const;
export const FLEXES = ['stiff', 'semi-flexible', 'flexible', 'very flexible'] as const;
export const WEARS = ['none', 'some', 'worn out'] as const;
/** Grades of graphite, from the hardest to the softest. */
export const LEADS = ['4H', '2H', 'H', 'F', 'HB', 'B', '2B', '3B', '4B', '5B', '6B', '8B'] as const;
export const TIPS = ['felt', 'bristle'] as const;
export const HOLDER_TYPES = ['straight', 'oblique', 'two-in-one'] as const;
/** From the smoothest to the roughest. */
export const SURFACES = ['very smooth', 'smooth', 'textured', 'rough'] as const;
export const SIZINGS = ['unsized', 'light', 'hard'] as const;
export const TONES = ['white', 'tinted', 'dark'] as const;
/** What a drop of water does on steel: it spreads where the coating is off, and beads where it is on. */
export const DROPS = ['spreads', 'beads'] as const;
export const GRIPS = ['wood', 'cork', 'rubber', 'plastic', 'metal', 'horn'] as const;
