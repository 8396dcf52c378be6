import { handById } from '../hands/registry';
import { plain } from '../measure/units';
import { PENCIL_GAP } from './item';
import type { Need } from './need';

/** Something to begin with, and why. */
export interface FirstThing {
  readonly what: string;
  readonly why: string;
}

/** What somebody who owns nothing begins a hand with: one to three things, and what not to buy yet. */
export interface FirstList {
  readonly things: readonly FirstThing[];
  readonly notYet: readonly string[];
}

const COPY_PAPER: FirstThing = {
  what: 'copy paper',
  why: 'Felt and pencil do not feather on it; good paper teaches nothing yet.',
};
const SMOOTH_PAPER: FirstThing = {
  what: 'a pad of smooth, sized paper',
  why: 'Fibres of cheap paper snag between the tines and feather.',
};
const CARBON: FirstThing = {
  what: 'a small bottle of carbon ink',
  why: 'It flows, covers, and is the beginner’s choice for dipping.',
};
const PENCILS: FirstThing = {
  what: `two soft pencils, bound together ${plain(PENCIL_GAP)} mm apart`,
  why: 'They draw the outline of every broad stroke: the cheapest way to learn the angle. Nothing to buy.',
};

/** By the kind of tool a hand is written with, and the school begun in (common teaching values). */
export function firstList({ hand: id, schools, side, purpose }: Need): FirstList {
  const hand = handById(id);
  const left = side === 'left' ? ', cut left-oblique if you can get one' : '';
  switch (hand.tool) {
    case 'broad': {
      const large = schools.firstNib === 'large';
      const width = large ? '5 mm' : `${plain(Math.min(3.5, Math.max(2, hand.width)))} mm`;
      return {
        things: [
          PENCILS,
          {
            what: `a broad felt marker of ${width}${left}`,
            why: `${large ? 'A pen this wide shows every mistake' : 'That width is easy to control and fits the page'}; it is cheap, clean and ready. Mark its upper face, because a round barrel hides the angle.`,
          },
          COPY_PAPER,
        ],
        notYet: [
          'a set of nibs: one width, known well, teaches more than six',
          'metallic, white or home-mixed ink: it asks for stirring and a practised hand',
          ...(purpose === 'finished piece' ? [] : ['good paper: keep the money for pieces']),
        ],
      };
    }
    case 'pointed': {
      const notYet = [
        'a very flexible nib: it springs in an unsure hand',
        'metallic or white ink: it asks for stirring and a practised hand',
      ];
      if (schools.firstPointed === 'soft') {
        return {
          things: [
            {
              what: 'a soft pencil (2B to 6B), or a small hard brush pen',
              why: 'Thick and thin come from pressure alone, before a nib has to be mastered.',
            },
            COPY_PAPER,
          ],
          notYet: ['a pointed nib, holder and ink: they come once pressure is learned', ...notYet],
        };
      }
      const oblique = schools.firstPointed === 'oblique' && side !== 'left';
      return {
        things: [
          {
            what: `a stiff pointed nib in ${oblique ? 'an oblique' : 'a straight'} holder`,
            why: oblique
              ? 'The flange points the tines along the slant; a stiff nib forgives a heavy hand.'
              : 'A stiff nib forgives a heavy hand; with the page turned, a straight holder lies along the slant.',
          },
          CARBON,
          SMOOTH_PAPER,
        ],
        notYet: [
          oblique ? 'a second holder: learn one way first' : 'an oblique holder: learn one way first',
          ...notYet,
        ],
      };
    }
    case 'brush':
      return {
        things: [
          {
            what: 'a brush pen with a small, hard tip',
            why: 'It is the easiest brush: it springs back and shows at once how evenly you press.',
          },
          { what: 'very smooth paper', why: 'Copy paper frays a brush tip within a few pages.' },
        ],
        notYet: ['a large soft brush pen: it is the hardest of all', 'colours to blend: one pen first'],
      };
    default:
      return {
        things: [
          {
            what: 'a soft pencil, or any pen with an even line',
            why: 'The hand is drawn with one thickness: shape and spacing are all there is to learn.',
          },
          COPY_PAPER,
        ],
        notYet: ['a glass pen or a round nib: they come when the shapes are sure'],
      };
  }
}
