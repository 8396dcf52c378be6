import { paperFormat } from '@/core/measure/paper';
import { plain } from '@/core/measure/units';
import type { Piece } from '@/core/piece/piece';
import type { Place } from '@/core/piece/pieceFormat';

export const paperWords = ({ paper }: Pick<Piece, 'paper'>): string => {
  const name = paperFormat(paper.format)?.name ?? `${plain(paper.width, 0)} × ${plain(paper.height, 0)} mm`;
  return `${name} ${paper.sideways ? 'sideways' : 'upright'}`;
};

export const marginWords = ({ paper: { margins } }: Pick<Piece, 'paper'>): string => {
  const { top, right, bottom, left } = margins;
  const all = [top, right, bottom, left];
  return all.every((one) => one === top)
    ? `${plain(top, 0)} mm all round`
    : `${all.map((one) => plain(one, 0)).join(', ')} mm`;
};

export const PLACE_WORDS: Readonly<Record<Place, string>> = {
  top: 'from the top down',
  optical: 'a little above the middle',
  centre: 'in the middle',
  foot: 'down to the foot',
};

/** The piece in a line. */
export const pieceLine = (piece: Piece): string =>
  `${paperWords(piece)}, margins ${marginWords(piece)}, written ${PLACE_WORDS[piece.place]}`;

const FIELDS: Readonly<Partial<Record<keyof Piece, string>>> = {
  title: 'the title',
  paper: 'the paper',
  postage: 'the corner for postage',
  fold: 'the fold',
  place: 'where the writing stands',
  blocks: 'the text and how it is written',
  border: 'the border',
  scatter: 'the scattered motifs',
  side: 'the writing hand',
  loads: 'the ink of a dip',
  rows: 'the list it is written for',
};

/** What differs between two pieces, in words. */
export const pieceDifferences = (one: Piece, other: Piece): string[] =>
  Object.entries(FIELDS).flatMap(([field, name]) =>
    JSON.stringify(one[field as keyof Piece]) === JSON.stringify(other[field as keyof Piece]) ? [] : [name],
  );
