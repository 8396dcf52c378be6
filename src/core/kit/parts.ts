/** A named part of a tool: where it is on the drawing, and where its name stands. */
export interface Part {
  readonly id: string;
  readonly name: string;
  /** What it does, in a sentence. */
  readonly does: string;
  readonly at: readonly [x: number, y: number];
  readonly label: readonly [x: number, y: number];
}

/** A tool drawn with its parts, in mm of the thing itself, writing end at the left, y downwards; outlines are SVG path data. */
export interface Anatomy {
  readonly id: string;
  readonly name: string;
  readonly width: number;
  /** The drawing reaches this far above and below its middle line. */
  readonly reach: number;
  readonly outlines: readonly string[];
  /** Drawn dashed: what lies behind or inside. */
  readonly hidden?: readonly string[];
  readonly parts: readonly Part[];
}

const ABOVE = -9;
const BELOW = 11;

/**
 * Tools and the names of their parts (common trade terms), drawn from their usual proportions; no tool of any maker. A part that several
 * tools have is explained on the first.
 */
export const ANATOMIES: readonly Anatomy[] = [
  {
    id: 'pointed-nib',
    name: 'Pointed nib',
    width: 40,
    reach: 14,
    outlines: [
      'M0 -.12C5 -.5 9 -2 12.5 -3.2C13.5 -3.5 14 -4 15.5 -4L36 -4.2L36 4.2L15.5 4C14 4 13.5 3.5 12.5 3.2C9 2 5 .5 0 .12Z',
      'M0 0L11 0',
      'M11 0C11 -1.3 14.5 -1.3 14.5 0C14.5 1.3 11 1.3 11 0Z',
      'M13 -3.3C14 -2.6 14.6 -2.2 15.5 -2M13 3.3C14 2.6 14.6 2.2 15.5 2',
    ],
    parts: [
      {
        id: 'points',
        name: 'points',
        does: 'The two tips that touch the paper. Closed they leave a hairline.',
        at: [0.4, 0],
        label: [1, BELOW],
      },
      {
        id: 'tines',
        name: 'tines',
        does: 'The two halves that part under pressure and close again: their spread is the shade. Pushed upwards they cross or catch.',
        at: [6, -0.9],
        label: [5, ABOVE],
      },
      {
        id: 'slit',
        name: 'slit',
        does: 'Leads the ink to the tip. Fibres and dried ink block it.',
        at: [7.5, 0],
        label: [10, BELOW],
      },
      {
        id: 'eye',
        name: 'eye',
        does: 'The hole at the end of the slit, also called vent hole: it lets air in and lets the tines bend. Ink is taken up to just above it.',
        at: [12.8, 0],
        label: [14, ABOVE],
      },
      {
        id: 'shoulders',
        name: 'shoulders',
        does: 'Where the nib is widest; cuts beside them make it softer.',
        at: [14.5, 3.2],
        label: [20, BELOW],
      },
      {
        id: 'shank',
        name: 'shank',
        does: 'The curved end that sits in the holder. The radius of its arc and its width decide which holders take it.',
        at: [28, -3],
        label: [27, ABOVE],
      },
      {
        id: 'heel',
        name: 'heel',
        does: 'The rear end of the shank; the nib is pushed in by it, never by the tines.',
        at: [36, 3],
        label: [34, BELOW],
      },
    ],
  },
  {
    id: 'broad-nib',
    name: 'Broad nib with a reservoir',
    width: 40,
    reach: 14,
    outlines: [
      'M0 -1.75L4 -1.85C7 -2 9 -4 12 -4.2L34 -4.2L34 4.2L12 4.2C9 4 7 2 4 1.85L0 1.75Z',
      'M0 0L10 0',
      'M10 0C10 -.9 12 -.9 12 0C12 .9 10 .9 10 0Z',
    ],
    hidden: ['M1.2 -1.3L8 -2.6L17 -2.8L17 2.8L8 2.6L1.2 1.3Z'],
    parts: [
      {
        id: 'edge',
        name: 'edge',
        does: 'The straight writing end. Its length is the nib width, in which heights are counted; all of it touches the paper.',
        at: [0, -0.8],
        label: [1, ABOVE],
      },
      {
        id: 'corners',
        name: 'corners',
        does: 'The two ends of the edge. A stroke may be finished with one of them.',
        at: [0, 1.7],
        label: [2, BELOW],
      },
      {
        id: 'reservoir',
        name: 'reservoir',
        does: 'A strip of brass over or under the nib that holds a store of ink; it sits ½–1 mm behind the edge and only just touches.',
        at: [9, 2.6],
        label: [13, BELOW],
      },
      {
        id: 'shank-of-broad',
        name: 'shank',
        does: 'As on a pointed nib.',
        at: [27, -3.2],
        label: [27, ABOVE],
      },
    ],
  },
  {
    id: 'holder',
    name: 'Straight holder',
    width: 78,
    reach: 13,
    outlines: [
      'M6 -3.6L12 -4L24 -5.4C34 -5.6 42 -4 76 -2.6C78 -2.4 78 2.4 76 2.6C42 4 34 5.6 24 5.4L12 4L6 3.6Z',
      'M12 -4L12 4',
      'M6 -2.6L10 -2.6L10 2.6L6 2.6',
    ],
    parts: [
      {
        id: 'ferrule',
        name: 'ferrule',
        does: 'The metal claw or sleeve that grips the shank; it must fit the shank’s arc.',
        at: [9, -3],
        label: [9, ABOVE],
      },
      {
        id: 'grip',
        name: 'grip',
        does: 'Where the fingers hold it. Thick and soft eases a cramped hand.',
        at: [24, 4.6],
        label: [24, BELOW],
      },
      {
        id: 'shaft',
        name: 'shaft',
        does: 'Rests against the hand and balances the pen.',
        at: [55, -2.8],
        label: [55, ABOVE],
      },
    ],
  },
  {
    id: 'oblique',
    name: 'Oblique holder',
    width: 78,
    reach: 15,
    outlines: [
      'M14 -1.2C20 -4.6 26 -4.8 34 -4.2L76 -2C78 -1.8 78 2 76 2.2L34 3.6C26 4.4 20 4 14 2Z',
      'M30 4L25 10.6L15.5 9.4L14.6 5.4L21 5.6L23 4Z',
      'M15.4 8.8L-4 0L14.8 6.2',
    ],
    parts: [
      {
        id: 'flange',
        name: 'flange',
        does: 'Holds the nib beside the shaft and turns it towards the slant. Its angle is the turn of the flange.',
        at: [21, 8],
        label: [22, 14],
      },
      {
        id: 'axis',
        name: 'axis',
        does: 'The middle line of the shaft: the points of the nib should meet it, or the pen rolls.',
        at: [-4, 0],
        label: [-2, ABOVE],
      },
    ],
  },
  {
    id: 'plate-pen',
    name: 'Plate pen',
    width: 70,
    reach: 13,
    outlines: [
      'M0 -3L13 -3.4L20 -4L20 4L13 3.4L0 3Z',
      'M20 -4.4L38 -5L38 5L20 4.4Z',
      'M38 -5.4L68 -5.8C70 -5.8 70 5.8 68 5.8L38 5.4Z',
    ],
    hidden: ['M1 -2.2L18 -2.8L18 2.8L1 2.2Z'],
    parts: [
      {
        id: 'plates',
        name: 'plates',
        does: 'Two flat plates; ink stands in the gap between them and runs to their common edge. They are rinsed before anything dries there.',
        at: [8, -3],
        label: [8, ABOVE],
      },
      {
        id: 'section',
        name: 'section',
        does: 'The part one holds; it unscrews for filling and flushing.',
        at: [29, 4.6],
        label: [29, BELOW],
      },
      {
        id: 'barrel',
        name: 'barrel',
        does: 'Covers the store of ink.',
        at: [54, -5.4],
        label: [54, ABOVE],
      },
    ],
  },
  {
    id: 'fountain-pen',
    name: 'Fountain pen',
    width: 78,
    reach: 13,
    outlines: [
      'M0 0C4 -.6 8 -3 13 -3.6L20 -3.8L20 3.8L13 3.6C8 3 4 .6 0 0Z',
      'M1 0L10 0',
      'M10 0C10 -.8 11.6 -.8 11.6 0C11.6 .8 10 .8 10 0Z',
      'M20 -4.2L36 -5.2L36 5.2L20 4.2Z',
      'M36 -5.6L76 -5.2C78 -5 78 5 76 5.2L36 5.6Z',
    ],
    hidden: ['M4 -.9L20 -2.2L20 2.2L4 .9', 'M38 -3L64 -3L64 3L38 3Z'],
    parts: [
      {
        id: 'feed',
        name: 'feed',
        does: 'Lies under the nib and lets ink out and air in, by fine channels. What dries hard there ruins the pen.',
        at: [14, 1.6],
        label: [12, BELOW],
      },
      {
        id: 'converter',
        name: 'converter',
        does: 'A small pump in place of a cartridge: it takes any ink the feed bears.',
        at: [50, 3],
        label: [50, BELOW],
      },
    ],
  },
  {
    id: 'brush',
    name: 'Pointed brush and brush pen',
    width: 70,
    reach: 13,
    outlines: [
      'M0 0C6 -1.2 10 -3.6 16 -3.6C19 -3.6 20 -3 22 -2.8L22 2.8C20 3 19 3.6 16 3.6C10 3.6 6 1.2 0 0Z',
      'M22 -3L34 -3.6L34 3.6L22 3Z',
      'M34 -3.6L68 -2.6C70 -2.4 70 2.4 68 2.6L34 3.6Z',
    ],
    parts: [
      {
        id: 'tip',
        name: 'tip',
        does: 'Hair or felt that comes to a point: the tip alone draws hairlines.',
        at: [2, 0],
        label: [2, BELOW],
      },
      {
        id: 'belly',
        name: 'belly',
        does: 'The thick middle of the hair; pressed down it makes the shade, and it carries the ink.',
        at: [15, -3],
        label: [15, ABOVE],
      },
    ],
  },
];

/** All parts, each with the tool it is explained on. */
export const PARTS: readonly (Part & { readonly of: Anatomy })[] = ANATOMIES.flatMap((of) =>
  of.parts.map((part) => ({ ...part, of })),
);
