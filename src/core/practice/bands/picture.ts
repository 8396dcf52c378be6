import { PLAIN } from '../band';
import { picture as parts } from '../parts/pictureBand';
import { PICTURES, pictureById } from '../pictures';
import type { BandKind } from './kind';

/** A picture in numbered steps, written with the pen's own strokes. */
export const picture: BandKind = {
  name: 'Picture',
  how: { ...PLAIN, trace: 2, fading: 0, free: 2, lines: 1 },
  needsLetters: false,
  usual: () => PICTURES[0].id,
  choices: () => PICTURES.map(({ id, name }) => ({ value: id, name })),
  inWords: (of) => pictureById(of)?.name ?? of,
  rows: false,
  parts,
};
