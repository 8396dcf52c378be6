/** What a piece says it is, and the version this Elvane writes. */
export const PIECE_FORMAT = 'elvane-piece';
export const PIECE_VERSION = 1;

/** Purpose of a block of text; it decides only the default look. */
export const ROLES = ['name', 'title', 'body', 'rubric', 'address', 'colophon'] as const;
export type Role = (typeof ROLES)[number];

export const ALIGNMENTS = ['left', 'centre', 'right', 'justified', 'slant'] as const;
export type Alignment = (typeof ALIGNMENTS)[number];

/** Vertical position of the writing in its frame. Optical: a little above the middle. */
export const PLACES = ['top', 'optical', 'centre', 'foot'] as const;
export type Place = (typeof PLACES)[number];

/** What is drawn along letters that are written, at a set distance. */
export const FINISHES = ['none', 'outline', 'highlight', 'shadow'] as const;
export const FLOURISHES = ['none', 'underline', 'entry', 'exit'] as const;
export const BORDERS = ['none', 'rule', 'double rule', 'ticks', 'corners'] as const;
export const MOTIFS = ['none', 'stars', 'snow', 'dots'] as const;
export type Motif = (typeof MOTIFS)[number];
export const FOLDS = ['none', 'across', 'down'] as const;
export const WRITING_HANDS = ['right', 'left'] as const;

/** Limits of a piece, so that any piece can be laid out while somebody waits. */
export const PIECE_LIMITS = { text: 20_000, blocks: 12, rows: 2_000, touches: 400, cell: 300 } as const;
