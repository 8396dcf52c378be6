import type { Mm } from './units';

/**
 * Paper formats, upright (short side across). A sizes: ISO 216; envelopes DL and C: ISO 269; the North American
 * sizes in whole fractions of an inch; cards as commonly cut. All lengths in millimetres.
 */
export interface PaperFormat {
  readonly id: string;
  readonly name: string;
  readonly width: Mm;
  readonly height: Mm;
  readonly group: 'sheets' | 'north american' | 'envelopes' | 'cards';
}

export const PAPER_FORMATS = [
  { id: 'a3', name: 'A3', width: 297, height: 420, group: 'sheets' },
  { id: 'a4', name: 'A4', width: 210, height: 297, group: 'sheets' },
  { id: 'a5', name: 'A5', width: 148, height: 210, group: 'sheets' },
  { id: 'a6', name: 'A6', width: 105, height: 148, group: 'sheets' },
  { id: 'letter', name: 'Letter', width: 215.9, height: 279.4, group: 'north american' },
  { id: 'legal', name: 'Legal', width: 215.9, height: 355.6, group: 'north american' },
  { id: 'tabloid', name: 'Tabloid', width: 279.4, height: 431.8, group: 'north american' },
  { id: 'half-letter', name: 'Half letter', width: 139.7, height: 215.9, group: 'north american' },
  { id: 'dl', name: 'DL envelope', width: 110, height: 220, group: 'envelopes' },
  { id: 'c5', name: 'C5 envelope', width: 162, height: 229, group: 'envelopes' },
  { id: 'c6', name: 'C6 envelope', width: 114, height: 162, group: 'envelopes' },
  { id: 'no10', name: 'No. 10 envelope', width: 104.775, height: 241.3, group: 'envelopes' },
  { id: 'a7-envelope', name: '5¼ × 7¼ in envelope', width: 133.35, height: 184.15, group: 'envelopes' },
  { id: 'square-160', name: 'Square envelope 160 mm', width: 160, height: 160, group: 'envelopes' },
  { id: 'card-5x7', name: '5 × 7 in card', width: 127, height: 177.8, group: 'cards' },
  { id: 'card-4x6', name: '4 × 6 in card', width: 101.6, height: 152.4, group: 'cards' },
  { id: 'card-a7', name: 'A7 card', width: 74, height: 105, group: 'cards' },
  { id: 'place-card', name: 'Place card 55 × 90 mm', width: 55, height: 90, group: 'cards' },
] as const satisfies readonly PaperFormat[];

export type PaperFormatId = (typeof PAPER_FORMATS)[number]['id'] | 'custom';

export const PAPER_FORMAT_IDS: readonly [PaperFormatId, ...PaperFormatId[]] = [
  'custom',
  ...PAPER_FORMATS.map((format) => format.id),
];

/** The format with this id, or undefined for a custom size. */
export const paperFormat = (id: PaperFormatId): PaperFormat | undefined =>
  PAPER_FORMATS.find((format) => format.id === id);
