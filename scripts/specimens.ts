/** Writes the specimen of each hand to docs/screenshots: all letters, rhythm strips, sixty words, the pangram. */
import { writeFileSync } from 'node:fs';
import { renderPng } from '../src/render/png';
import { specimen } from './specimenPage';
import { SPECIMEN_WORDS } from './specimenWords';

const WORDS_A_ROW = 10;
const wordRows = Array.from({ length: SPECIMEN_WORDS.length / WORDS_A_ROW }, (_, i) =>
  SPECIMEN_WORDS.slice(i * WORDS_A_ROW, (i + 1) * WORDS_A_ROW).join(' '),
);
const spread = (text: string) => `*${[...text].join(' ')}`;
const ROWS = [
  spread('abcdefghijklmnopqrstuvwxyz'),
  spread('ABCDEFGHIJKLM'),
  spread('NOPQRSTUVWXYZ'),
  spread('0123456789.,;:!?\'"–()&'),
  'nnonnonn minimum nuunnu',
  ...wordRows,
  'sphinx of black quartz, judge my vow',
];

/** Pixels to an inch: a letter unit is a millimetre. */
const DPI = 150;

for (const hand of ['italic', 'copperplate'] as const) {
  const drawing = specimen({ hand, rows: ROWS, joined: true, chosen: {} });
  writeFileSync(`docs/screenshots/specimen-${hand}.png`, renderPng(drawing, DPI));
}
