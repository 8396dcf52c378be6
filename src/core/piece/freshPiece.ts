import { type HandId, handById, OPENING_HAND } from '../hands/registry';
import type { PaperFormatId } from '../measure/paper';
import type { Mm } from '../measure/units';
import { handSetting } from '../setting/handSetting';
import type { Setting } from '../setting/setting';
import type { Block, Piece } from './piece';
import { PIECE_FORMAT, PIECE_VERSION, type Role } from './pieceFormat';

/** Inks of a desk: a near black, and the red of rubrics. */
const INK = '#1f2430';
const RUBRIC = '#a33327';

/** Default properties of a block, by role. */
const ROLE_LOOKS: Readonly<Record<Role, Partial<Block>>> = {
  name: { align: 'centre' },
  title: { align: 'centre', capitals: true },
  body: { align: 'left', before: 6 },
  rubric: { align: 'left', colour: RUBRIC, before: 6 },
  address: { align: 'left', before: 6 },
  colophon: { align: 'right', before: 8 },
};

/** A hand with its usual weight and a nib of `width`. */
export const settingOf = (hand: HandId, width?: Mm, school?: string): Setting => {
  const setting = handSetting(hand, school);
  return width === undefined ? setting : { ...setting, width, given: {} };
};

/** A new block of a role. */
export const freshBlock = (id: string, role: Role, text: string, setting: Setting): Block => ({
  id,
  role,
  text,
  setting: { ...setting, given: {} },
  capitals: false,
  align: 'centre',
  leading: 0,
  before: 4,
  wordSpace: 0,
  colour: INK,
  initial: 0,
  finish: { kind: 'none', colour: RUBRIC, off: 0.4 },
  flourish: 'none',
  touches: [],
  nudges: [],
  ...ROLE_LOOKS[role],
});

/** A nib for cards: small enough for a line of words across one. */
const CARD_NIB: Mm = 1.5;
const MARGIN: Mm = 10;

/** A hand as it is written on a card: with a small nib where its heights depend on the nib. */
export const cardSetting = (hand: HandId): Setting =>
  settingOf(hand, handById(hand).tool === 'broad' ? CARD_NIB : undefined);

/** A card with one block on it. */
export const freshPiece = (
  format: PaperFormatId = 'card-4x6',
  blocks: readonly Block[] = [{ ...freshBlock('1', 'body', '', cardSetting(OPENING_HAND)), align: 'centre' }],
): Piece => ({
  format: PIECE_FORMAT,
  version: PIECE_VERSION,
  title: '',
  paper: {
    format,
    width: 150,
    height: 100,
    sideways: true,
    margins: { top: MARGIN, right: MARGIN, bottom: MARGIN, left: MARGIN },
  },
  postage: { on: false, width: 74, height: 40 },
  fold: 'none',
  place: 'optical',
  blocks: [...blocks],
  border: { kind: 'none', inset: 5, spacing: 4, length: 2, colour: RUBRIC },
  scatter: { motif: 'none', count: 15, size: 5, clear: 3, colour: RUBRIC, seed: 1 },
  side: 'right',
  loads: {},
  rows: [],
});
