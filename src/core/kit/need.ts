import { penUnit } from '../hand/penUnit';
import { type HandId, handById } from '../hands/registry';
import type { Mm } from '../measure/units';
import type { TriedSeat } from './seat';

export const PURPOSES = [
  'first tries',
  'drills',
  'practice piece',
  'envelope',
  'finished piece',
  'class',
] as const;
export const EXPERIENCES = ['beginner', 'some', 'practised'] as const;
export const SIDES = ['right', 'left'] as const;
/** What a scribe's fingers ask of a holder. */
export const GRIP_WISHES = ['any', 'slim', 'thick'] as const;
export type GripWish = (typeof GRIP_WISHES)[number];

/** Questions on which schools differ, with both answers. */
export const SCHOOLS = {
  firstNib: {
    name: 'First broad nib',
    choices: {
      medium: 'about 2–3 mm: easy to control, fits the page',
      large: '4 mm or wider: mistakes show',
    },
  },
  firstPointed: {
    name: 'First pointed tool',
    choices: {
      stiff: 'a stiff nib in a straight holder',
      soft: 'a soft pencil or small hard brush pen first',
      oblique: 'an oblique holder at once',
    },
  },
  holder: {
    name: 'Holder for slanted hands',
    choices: {
      oblique: 'oblique: the natural angle of the hand',
      straight: 'straight, with the page turned',
    },
  },
  loading: {
    name: 'Loading the nib',
    choices: { dip: 'dip and shake', brush: 'brush ink under the nib' },
  },
  angle: {
    name: 'Pen angle',
    choices: { held: 'one angle held while learning', turned: 'turned from stroke to stroke' },
  },
} as const;
export type SchoolId = keyof typeof SCHOOLS;

/** The user's choice where schools differ. */
export type Schools = { readonly [S in SchoolId]: keyof (typeof SCHOOLS)[S]['choices'] };

export const USUAL_SCHOOLS: Schools = {
  firstNib: 'medium',
  firstPointed: 'stiff',
  holder: 'oblique',
  loading: 'dip',
  angle: 'held',
};

/** What a kit is wanted for. */
export interface Need {
  readonly hand: HandId;
  readonly purpose: (typeof PURPOSES)[number];
  /** Body height wanted; null leaves it to the nib. */
  readonly bodyMm: Mm | null;
  readonly experience: (typeof EXPERIENCES)[number];
  readonly side: (typeof SIDES)[number];
  readonly schools: Schools;
  /** What the scribe’s fingers ask of a holder; known to the desk, and never kept with what is asked. */
  readonly grip?: GripWish;
  /** What was tried at this desk; known to it, and never kept with what is asked. */
  readonly tried?: readonly TriedSeat[];
}

export const needFor = (hand: HandId, more: Partial<Need> = {}): Need => ({
  hand,
  purpose: 'drills',
  bodyMm: null,
  experience: 'some',
  side: 'right',
  schools: USUAL_SCHOOLS,
  ...more,
});

/** Body a nib of `width` writes at the hand's usual weight: H = N · W, W its width or its dot. Undefined where heights do not depend on the nib. */
export function bodyBy(id: HandId, width: Mm): Mm | undefined {
  const hand = handById(id);
  const unit = penUnit(hand, width);
  return unit && hand.zones.body * unit;
}

/** Nib width that writes a body of `bodyMm` at the hand's usual weight; undefined where heights do not depend on the nib. */
export function widthFor(hand: HandId, bodyMm: Mm): Mm | undefined {
  const by = bodyBy(hand, 1);
  return by && bodyMm / by;
}

/** Height of the written block, and the fewest lines it should hold, for a usual sheet of each purpose. */
const SHEETS: Readonly<Record<(typeof PURPOSES)[number], { height: Mm; lines: number }>> = {
  'first tries': { height: 267, lines: 4 },
  drills: { height: 267, lines: 5 },
  'practice piece': { height: 240, lines: 6 },
  envelope: { height: 80, lines: 3 },
  'finished piece': { height: 300, lines: 6 },
  class: { height: 267, lines: 5 },
};

/** Largest body for which a usual page of this purpose still holds enough lines, in mm. */
export function mostBody({ hand, purpose }: Pick<Need, 'hand' | 'purpose'>): Mm {
  const { zones } = handById(hand);
  const whole = zones.body + zones.ascender + zones.descender + zones.gap;
  const { height, lines } = SHEETS[purpose];
  return (height / lines) * (zones.body / whole);
}
