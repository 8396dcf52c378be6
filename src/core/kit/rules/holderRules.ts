import { handById } from '../../hands/registry';
import { plain } from '../../measure/units';
import { capital, withArticle } from '../../measure/words';
import { HOLDER_TYPES } from '../choices';
import type { Item } from '../item';
import { toolOf } from '../kinds/registry';
import type { Need, SchoolId } from '../need';
import { triedSeat } from '../seat';
import { fails, good, risk, type Verdict } from '../verdict';
import { cannotSay } from './cannotSay';
import { liked } from './liked';
import { isCut, takesHolder } from './traits';

/** Shanks of tube nibs have an arc of less than this, in mm (estimate: the demo's has 1.3, other nibs over 3). */
const TUBE_RADIUS = 2;

/** Diameter of a grip, in mm, from which it eases a cramped hand, and up to which small fingers close round it (common teaching values). */
const THICK = 10;
const SLIM = 8;

type HolderRule = (need: Need, tool: Item, holder: Item) => Verdict;

/** Tool ↔ holder. */
export const HOLDER_RULES: Readonly<Record<string, HolderRule>> = {
  socket: ({ tried }, tool, holder) => {
    switch (triedSeat(tried, tool, holder)) {
      case 'true':
        return good(10, `You tried it: “${tool.label}” sits true in “${holder.label}”.`);
      case 'crooked':
        return risk(
          14,
          `You tried it: “${tool.label}” sits crooked in “${holder.label}”.`,
          'Take it out and set it anew, or take another holder.',
        );
      case 'loose':
        return fails(
          `You tried it: “${tool.label}” is loose in “${holder.label}”.`,
          'Take a holder with a smaller or adjustable flange.',
        );
    }
    const { shankRadius: radius, shankWidth: width } = tool;
    if (isCut(tool.kind) && takesHolder(tool.kind) && holder.holderType === 'oblique') {
      return fails(
        `“${tool.label}” falls out of “${holder.label}”: a broad nib does not sit in a slot that is oblique only.`,
        'Use a straight or two-in-one holder.',
      );
    }
    if (radius === null && width === null) {
      return cannotSay(tool, `Measure the shank of “${tool.label}”: the radius of its arc and its width.`);
    }
    const { fitsRadiusFrom: from, fitsRadiusTo: to, fitsWidthTo: widest } = holder;
    if (from === null && to === null && widest === null) {
      return cannotSay(
        holder,
        `Try which shanks “${holder.label}” takes: the arc radius and the greatest width.`,
      );
    }
    if (radius !== null && from !== null && radius < from) {
      return fails(
        `The shank of “${tool.label}” has an arc of ${plain(radius, 1)} mm radius; “${holder.label}” grips from ${plain(from, 1)} mm, so the nib falls out.`,
        'Take a holder with a smaller or adjustable flange.',
      );
    }
    if (radius !== null && to !== null && radius > to) {
      return fails(
        `The shank of “${tool.label}” has an arc of ${plain(radius, 1)} mm radius; “${holder.label}” takes at most ${plain(to, 1)} mm.`,
        'Take a holder with a larger or adjustable flange.',
      );
    }
    if (width !== null && widest !== null && width > widest) {
      return fails(
        `The shank of “${tool.label}” is ${plain(width, 1)} mm wide; “${holder.label}” takes at most ${plain(widest, 1)} mm.`,
        'Take a wider holder.',
      );
    }
    return good(
      6,
      `The shank${radius === null ? '' : ` (arc ${plain(radius, 1)} mm)`} sits firmly in the holder.`,
    );
  },

  slant: (need, tool, holder) => {
    if (!toolOf(tool.kind)?.tines) return undefined;
    const slanted = handById(need.hand).slope.usual > 15;
    if (!slanted) return undefined;
    if (tool.bent) {
      return holder.holderType === 'oblique'
        ? risk(
            8,
            'The nib carries its own angle; an oblique flange turns it too far.',
            'Take a straight holder.',
          )
        : good(8, 'The nib carries its own angle, so a straight holder is right.');
    }
    // A tube goes into nothing but its own thin holder: there is no other way to hold it.
    if (tool.shankRadius !== null && tool.shankRadius < TUBE_RADIUS) return undefined;
    if (holder.holderType === null) {
      return cannotSay(
        holder,
        `Is “${holder.label}” straight or oblique?`,
        HOLDER_TYPES.map((holderType) => HOLDER_RULES.slant?.(need, tool, { ...holder, holderType })),
      );
    }
    if (need.side === 'left') {
      return holder.holderType === 'oblique'
        ? risk(
            16,
            'A left hand’s straight pen already lies near the slant; the oblique flange turns it away.',
            'Take a straight holder and turn the page.',
          )
        : good(12, 'A straight holder lies near the slant in a left hand.');
    }
    const wanted =
      need.experience === 'beginner'
        ? need.schools.firstPointed === 'oblique'
          ? 'oblique'
          : 'straight'
        : need.schools.holder;
    const has = holder.holderType === 'two-in-one' || holder.holderType === wanted;
    // A school that begins without a nib has nothing to say of its holder.
    const beginner = need.experience === 'beginner' && need.schools.firstPointed !== 'soft';
    const school: SchoolId = beginner ? 'firstPointed' : 'holder';
    return has
      ? good(
          10,
          wanted === 'oblique'
            ? 'The oblique flange points the tines along the slant.'
            : 'A straight holder with the page turned.',
          { school },
        )
      : risk(
          5,
          `${capital(withArticle(`${holder.holderType} holder`))} is not your school’s way to the slant.`,
          `Take ${withArticle(`${wanted} holder`)}, or turn the page.`,
          { school },
        );
  },

  grip: (need, _, { label, grip, gripOf }) => {
    if (need.grip === 'thick' && (grip !== null || gripOf !== null)) {
      const soft = gripOf === 'cork' || gripOf === 'rubber';
      if (grip !== null && grip < THICK)
        return risk(
          6,
          `The grip of “${label}” is ${plain(grip, 1)} mm: thin for a hand that cramps.`,
          `Take one of ${THICK} mm or more, of cork or rubber, or wind tape round it.`,
        );
      if (grip !== null || soft)
        return good(
          soft ? 6 : 4,
          `“${label}” has a ${soft ? 'soft' : 'thick'} grip: easy on a hand that cramps.`,
        );
    }
    if (need.grip === 'slim' && grip !== null)
      return grip > SLIM
        ? risk(
            4,
            `The grip of “${label}” is ${plain(grip, 1)} mm: thick for small fingers.`,
            `Take one up to ${SLIM} mm.`,
          )
        : good(3, `The grip of “${label}” suits small fingers.`);
    return grip !== null && grip < 6 && need.experience === 'beginner'
      ? risk(
          3,
          `A grip of ${plain(grip, 1)} mm invites white knuckles.`,
          'Try a thicker grip cheaply before buying one.',
        )
      : undefined;
  },

  liked: (_, __, holder) => liked(holder),
};
