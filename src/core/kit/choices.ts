/** What the facts of things are chosen from. */
export const CUTS = ['square', 'left-oblique', 'right-oblique'] as const;
export const FLEXES = ['stiff', 'semi-flexible', 'flexible', 'very flexible'] as const;
export const WEARS = ['none', 'some', 'worn out'] as const;
export const HOLDER_TYPES = ['straight', 'oblique', 'two-in-one'] as const;
export const INK_KINDS = [
  'dye',
  'calligraphy',
  'carbon',
  'india',
  'iron gall',
  'acrylic',
  'gouache',
  'metallic',
] as const;
/** From the smoothest to the roughest. */
export const SURFACES = ['very smooth', 'smooth', 'textured', 'rough'] as const;
export const SIZINGS = ['unsized', 'light', 'hard'] as const;
export const TONES = ['white', 'tinted', 'dark'] as const;
