import { freshBlock, freshPiece, settingOf } from './freshPiece';
import type { Block, Piece, Row } from './piece';

/** A piece as it lies on the demo's shelf. */
export interface DemoPiece {
  readonly id: string;
  readonly name: string;
  readonly piece: Piece;
}

const NIGHT = '#24406e';
const MADDER = '#a33327';

const GUESTS: readonly (readonly [string, string, string])[] = [
  ['Orla Fennimore', '3 Larkrise Lane', 'Merrowdown'],
  ['Tobin Ashgrove', '17 Tarn Street', 'Nether Hallow'],
  ['Isolde Quillan', '8 Beacon Row', 'Merrowdown'],
  ['Emrys Vantongue', '21 Kiln Hill', 'Saltwick'],
  ['Petra Lindqvale', '5 Weirside', 'Merrowdown'],
  ['Caspian Rowe', '40 Mill Terrace', 'Upper Hallow'],
  ['Sunniva Marsh', '12 Orchard Gate', 'Fernlow'],
  ['Dorian Peele', '2 Station Yard', 'Saltwick'],
  ['Yselle Thorne', '33 High Bank', 'Merrowdown'],
  ['Alaric Moss', '9 Ferry Steps', 'Nether Hallow'],
  ['Briony Calder', '14 Moor Road', 'Fernlow'],
  ['Hollis Wren', '27 Chapel Rise', 'Upper Hallow'],
  ['Maren Oakes', '6 Dovecote Close', 'Merrowdown'],
  ['Florian Hythe', '18 Quay Street', 'Saltwick'],
  ['Tamsin Grey', '1 Lantern Court', 'Merrowdown'],
  ['Osric Penhallow', '22 Long Meadow', 'Fernlow'],
  ['Linnea Bright', '11 Cooper Lane', 'Nether Hallow'],
  ['Jonas Elder', '36 Stone Bridge', 'Merrowdown'],
  ['Veda Summers', '4 Old Forge', 'Upper Hallow'],
  ['Rafferty Lowe', '15 Hatch End', 'Saltwick'],
  ['Nerys Holt', '29 Swan Reach', 'Fernlow'],
  ['Cosmo Birch', '7 Cloister Walk', 'Merrowdown'],
  ['Adela Frost', '10 Rope Walk', 'Saltwick'],
  ['Wystan Rook', '31 Upper Green', 'Nether Hallow'],
];

const row = ([name, street, town]: readonly [string, string, string]): Row => ({
  values: { name, street, town },
  state: 'to write',
});

const block = (
  id: string,
  role: Block['role'],
  text: string,
  more: Partial<Block> & Pick<Block, 'setting'>,
): Block => ({
  ...freshBlock(id, role, text, more.setting),
  ...more,
});

/** The pieces of the open night at the observatory. */
export function demoPieces(): DemoPiece[] {
  const caption = freshPiece('card-4x6', [
    block('1', 'title', 'The Great Refractor', {
      setting: settingOf('italic', 1.5),
      colour: MADDER,
      capitals: false,
      leading: -3,
    }),
    block(
      '2',
      'body',
      'An eye of glass, two feet across, that gathers the light of stars too faint to be seen.',
      {
        setting: settingOf('italic', 1),
        align: 'centre',
        leading: -3,
        before: 1,
      },
    ),
  ]);
  const envelope = freshPiece('c6', [
    block('1', 'name', '{name}', {
      setting: { ...settingOf('copperplate', 0.6), ratioUnit: 2.5 },
      align: 'centre',
    }),
    block('2', 'address', '{street}\n{town}', {
      setting: settingOf('roman', 0.6, 'small-capitals'),
      align: 'centre',
      leading: 1,
      before: 2,
    }),
  ]);
  const certificate = freshPiece('a4', [
    block('1', 'title', 'Certificate', { setting: settingOf('roman', 2, 'small-capitals'), colour: MADDER }),
    block('2', 'body', 'This is to say that', {
      setting: settingOf('foundational', 1.5),
      align: 'centre',
      before: 12,
    }),
    block('3', 'name', 'Orla Fennimore', {
      setting: settingOf('roman', 1.5, 'small-capitals'),
      before: 10,
      flourish: 'none',
    }),
    block(
      '4',
      'body',
      'has counted meteors through twelve clear nights at the Merrowdown Observatory, and lost not one of them to sleep.',
      { setting: settingOf('foundational', 1.5), align: 'centre', leading: -1, before: 7 },
    ),
    block('5', 'colophon', 'Written for the open night, 12 December', {
      setting: settingOf('italic', 1),
      align: 'centre',
      before: 8,
    }),
  ]);
  const panel = freshPiece('a4', [
    block('1', 'rubric', 'Of the winter sky', {
      setting: settingOf('foundational', 1.5),
      colour: MADDER,
      align: 'left',
    }),
    block(
      '2',
      'body',
      'When frost has swept the air and every lamp of the valley is out, the winter sky stands open from hill to hill. Then the river of stars runs over the dome, and we who watch are small.',
      { setting: settingOf('foundational', 1.5), align: 'left', initial: 2, before: 4 },
    ),
  ]);
  const placeCard = freshPiece('place-card', [
    block('1', 'name', '{name}', { setting: settingOf('italic', 1.2) }),
  ]);
  const upright = (piece: Piece): Piece => ({ ...piece, paper: { ...piece.paper, sideways: false } });
  return [
    { id: 'demo-caption', name: 'Caption card: the refractor', piece: { ...caption, title: 'Caption card' } },
    {
      id: 'demo-envelopes',
      name: 'Envelopes for the open night',
      piece: {
        ...envelope,
        title: 'Envelope',
        postage: { on: true, width: 40, height: 36 },
        paper: { ...envelope.paper, margins: { top: 38, right: 12, bottom: 14, left: 12 } },
        place: 'centre',
        rows: GUESTS.map(row),
      },
    },
    {
      id: 'demo-certificate',
      name: 'Certificate of the meteor watch',
      piece: {
        ...certificate,
        title: 'Certificate',
        paper: { ...certificate.paper, margins: { top: 22, right: 30, bottom: 22, left: 30 } },
        border: { ...certificate.border, kind: 'double rule', inset: 10, colour: NIGHT },
      },
    },
    {
      id: 'demo-panel',
      name: 'Panel: of the winter sky',
      piece: {
        ...upright(panel),
        title: 'Of the winter sky',
        paper: { ...panel.paper, sideways: false, margins: { top: 45, right: 22, bottom: 55, left: 22 } },
      },
    },
    {
      id: 'demo-place-cards',
      name: 'Place cards with stars',
      piece: {
        ...placeCard,
        title: 'Place card',
        fold: 'none',
        place: 'centre',
        border: { ...placeCard.border, kind: 'ticks', inset: 3, spacing: 3, length: 1.5, colour: NIGHT },
        scatter: {
          ...placeCard.scatter,
          motif: 'stars',
          count: 13,
          size: 4,
          clear: 2,
          colour: NIGHT,
          seed: 7,
        },
        rows: GUESTS.slice(0, 8).map(row),
      },
    },
  ];
}
