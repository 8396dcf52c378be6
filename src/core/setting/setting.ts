import { z } from 'zod';
import { handIdSchema } from '../hands/handId';
import { type HandId, handById, isHand } from '../hands/registry';
import { DIP_NIB_EDGE } from '../pen/edge';
import { ranged } from '../problem/ranged';
import { choice, flag, shortText } from '../problem/schema';
import { ENDINGS } from '../type/endings';
import { givenSchema } from './given';
import { variantsSchema } from './letterSet';
import { PLAIN_WRITING } from './plainWriting';

/**
 * A setting: one hand with one pen at one size, as plain data: all that decides what its letters look like and how its
 * lines are ruled. `zones`, `width` and `ratioUnit` always hold settled values; `given` holds what was pinned, from which
 * they follow. A document may hold several.
 */
export const settingShape = {
  hand: handIdSchema,
  school: shortText('School', 40),
  width: ranged('width'),
  nib: shortText('Name of the nib', 80),
  /** Thickness of the edge: the nib's own, whatever its width. Absent in earlier recipes. */
  edge: ranged('edge').default(DIP_NIB_EDGE),
  penAngle: ranged('penAngle'),
  slope: ranged('slope'),
  ratioUnit: ranged('ratioUnit'),
  zones: z.strictObject({
    body: ranged('body'),
    ascender: ranged('ascender'),
    descender: ranged('descender'),
    capital: ranged('capital'),
    gap: ranged('gap'),
    branch: ranged('branch').nullable(),
    smallCapital: ranged('smallCapital').nullable(),
  }),
  given: givenSchema,
  capitalsOnly: flag('Capitals only'),
  /** How letters are written where the hand leaves a choice. Absent in the earliest recipes. */
  writing: z
    .strictObject({
      /** Shade over hairline of a pointed pen. */
      contrast: ranged('contrast'),
      joined: flag('Joined writing'),
      /** White between letters, and between words, beyond the hand's own: shares of the body. */
      letterSpace: ranged('letterSpace').default(0),
      wordSpace: ranged('wordSpace').default(0),
      /** How often words and lines end in a shape made for that place. */
      endings: choice('Endings', ENDINGS).default('plain'),
      /** Bounce: how far letters leave the line, in hands that allow it. */
      bounce: ranged('bounce').default(0),
      /** Whether shapes that may stand anywhere alternate, where none is chosen. */
      mixed: flag('Mixed shapes').default(false),
      /** Rise of a line, in hands that allow it, and the small letters and dots that ornament it. */
      rising: ranged('rising').default(0),
      signs: flag('Small letters').default(false),
      fillers: flag('Fillers').default(false),
      /** Chosen shapes by letter; letters not named take their usual shape. */
      variants: variantsSchema,
    })
    .default(PLAIN_WRITING),
};

export type Setting = z.infer<z.ZodObject<typeof settingShape>>;

/** A school must be one of its hand's. */
export const schoolOfHand = {
  check: ({ hand, school }: Pick<Setting, 'hand' | 'school'>) =>
    !isHand(hand) || handById(hand).schools.some(({ id }) => id === school),
  refusal: ({ hand, school }: { hand: HandId; school: string }): string => {
    const { name, schools } = handById(hand);
    return `${name} has no school “${school}”; it has: ${schools.map(({ id }) => id).join(', ')}.`;
  },
};
