/** What a bench holds. Tools mark the paper; the rest serves them. */
export const TOOL_KINDS = [
  'broad-nib',
  'pointed-nib',
  'felt-marker',
  'cartridge-pen',
  'plate-pen',
  'brush-pen',
  'glass-pen',
  'quill',
  'pencils',
] as const;
export const ITEM_KINDS = [...TOOL_KINDS, 'holder', 'ink', 'paper', 'sundry'] as const;
export type ToolKind = (typeof TOOL_KINDS)[number];
export type ItemKind = (typeof ITEM_KINDS)[number];

export const KIND_NAMES: Readonly<Record<ItemKind, string>> = {
  'broad-nib': 'broad nib',
  'pointed-nib': 'pointed nib',
  'felt-marker': 'felt marker',
  'cartridge-pen': 'cartridge pen',
  'plate-pen': 'flat twin-plate pen',
  'brush-pen': 'brush pen',
  'glass-pen': 'glass pen',
  quill: 'quill or reed',
  pencils: 'two bound pencils',
  holder: 'holder',
  ink: 'ink',
  paper: 'paper',
  sundry: 'sundry',
};

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
export const SURFACES = ['very smooth', 'smooth', 'textured', 'rough'] as const;
export const SIZINGS = ['unsized', 'light', 'hard'] as const;
export const TONES = ['white', 'tinted', 'dark'] as const;

export const isTool = (kind: ItemKind): kind is ToolKind => (TOOL_KINDS as readonly string[]).includes(kind);
