import { heightAmount } from '../../hand/heightUnit';
import { penUnit } from '../../hand/penUnit';
import { handById } from '../../hands/registry';
import { plain, roundTo } from '../../measure/units';
import { capital, withArticle } from '../../measure/words';
import { CUTS, FLEXES } from '../choices';
import type { Item } from '../item';
import { kindName } from '../itemKinds';
import { firstToolFor, toolOf } from '../kinds/registry';
import { bodyBy, mostBody, type Need, widthFor } from '../need';
import { fails, good, risk, type Verdict } from '../verdict';
import { cannotSay } from './cannotSay';
import { liked } from './liked';
import { isBroad, isCut, isGap } from './traits';

/** Whether the scribe is a learner, who is shown what to begin with. */
const isLearning = ({ experience, purpose }: Need): boolean =>
  experience === 'beginner' || purpose === 'class' || purpose === 'first tries';

/** Logarithmic deviation of weight (about a factor of two) from which the result is another hand and not a lighter or blacker version. */
const FAR = 0.65;

/** Nib widths are compared to a tenth; up to this logarithmic excess over a range (about 8 %) the deviation counts as slight. */
const WEIGHT_SEEN = 0.1;
const SLIGHTLY = 0.08;
/** Maximum number of points a risk costs. */
const MOST = 30;
/** Outlines are written larger than a pen writes: half as many lines to a page. */
const PENCILS_LARGER = 2;

/** First widths of a nib, in mm, by the user's school (common teaching); other kinds of tools declare their own. */
const FIRST_NIB = { medium: [2, 3.5], large: [4, 8] } as const;

/** A purpose as the sheet it is written on. */
const SHEET: Readonly<Record<Need['purpose'], string>> = {
  'first tries': 'a sheet of first tries',
  drills: 'a sheet of drills',
  'practice piece': 'a practice piece',
  envelope: 'an envelope',
  'finished piece': 'a finished piece',
  class: 'a class sheet',
};

type ToolRule = (need: Need, tool: Item) => Verdict;

/** Hand ↔ tool alone. */
export const TOOL_RULES: Readonly<Record<string, ToolRule>> = {
  family: (need, tool) => {
    const hand = handById(need.hand);
    const kind = toolOf(tool.kind);
    if (!kind?.writes.includes(hand.tool)) {
      return fails(
        `${hand.name} is written with a ${hand.tool === 'broad' ? 'broad edge' : `${hand.tool} tool`}; ${withArticle(kindName(tool.kind))} cannot make its strokes.`,
        `Look for ${withArticle(firstToolFor(hand.tool).name)}.`,
      );
    }
    const softFirst = need.schools.firstPointed === 'soft' && need.experience === 'beginner';
    if (hand.tool === 'pointed' && kind.softStart) {
      const { first, otherwise } = kind.softStart;
      const verdict = softFirst ? good(34, first) : otherwise;
      return verdict && { ...verdict, school: 'firstPointed' };
    }
    if (hand.tool === 'pointed' && softFirst) {
      return risk(
        26,
        'Your school begins with a soft pencil or a small hard brush pen; a nib comes once pressure is learned.',
        'Begin with the brush pen or a soft pencil, or choose the other school.',
        { school: 'firstPointed' },
      );
    }
    if (hand.tool === 'monoline' && kind.oneLine) return kind.oneLine;
    const makes = `${capital(withArticle(kind.name))} ${kind.plural ? 'make' : 'makes'}`;
    return good(12, `${makes} the strokes of ${hand.name}.`);
  },

  size: (need, tool) => {
    const hand = handById(need.hand);
    if (!isBroad(tool.kind) || hand.tool !== 'broad') return undefined;
    if (tool.width === null) {
      return cannotSay(tool, `Measure the width of “${tool.label}” by a nib ladder.`, [
        { points: -MOST, reason: '' },
      ]);
    }
    const unit = penUnit(hand, tool.width);
    const body = bodyBy(need.hand, tool.width);
    if (unit === undefined || body === undefined) return undefined;
    const widest = (height: number) => plain(widthFor(need.hand, height) ?? height, 1);
    if (need.bodyMm !== null) {
      const wanted = widest(need.bodyMm);
      const weight = roundTo(need.bodyMm / unit, WEIGHT_SEEN);
      if (weight >= hand.weight.low && weight <= hand.weight.high) {
        return good(
          18,
          `${plain(tool.width)} mm makes a body of ${plain(need.bodyMm)} mm at ${heightAmount(hand, weight, 1)}: right for ${hand.name}.`,
        );
      }
      const tooBlack = weight < hand.weight.low;
      const off = Math.abs(Math.log(weight / (tooBlack ? hand.weight.low : hand.weight.high)));
      const slightly = off < SLIGHTLY ? 'a little ' : '';
      const sentence = `${plain(tool.width)} mm would make ${plain(need.bodyMm)} mm of body ${heightAmount(hand, weight, 1)}, ${slightly}too ${tooBlack ? 'black' : 'light'} for ${hand.name}, whose body is ${plain(hand.weight.low, 1)} to ${plain(hand.weight.high, 1)}.`;
      return off > FAR
        ? fails(sentence, `A nib of ${wanted} mm would fit.`)
        : risk(
            Math.min(MOST, (off < SLIGHTLY ? 2 : 8) + 32 * off),
            sentence,
            `Take a nib of ${wanted} mm, or rule a body of ${plain(body, 1)} mm.`,
          );
    }
    const pencils = isGap(tool.kind);
    const most = mostBody(need) * (pencils ? PENCILS_LARGER : 1);
    if (body > most) {
      return risk(
        Math.min(MOST, 10 + 30 * Math.log(body / most)),
        `${plain(tool.width)} mm makes a body of ${plain(body, 1)} mm; ${SHEET[need.purpose]} has room for ${plain(most, 1)} mm.`,
        pencils
          ? `Bind them closer, to ${widest(most)} mm or less.`
          : `Take a nib of at most ${widest(most)} mm.`,
      );
    }
    if (pencils) {
      return good(
        8,
        `With ${plain(tool.width)} mm between the points letters are ${plain(body, 0)} mm tall: large enough to see every angle.`,
      );
    }
    // Small pens hide mistakes and large ones fill the page: the hand's usual width, as far as the page bears it.
    const [least] = isLearning(need) ? FIRST_NIB[need.schools.firstNib] : [0];
    const usual = Math.min(Math.max(hand.width, least), (most / body) * tool.width);
    const near = Math.max(0, 1 - Math.abs(Math.log2(tool.width / usual)));
    return good(
      4 + 10 * near,
      `${plain(tool.width)} mm makes a body of ${plain(body, 1)} mm, which ${near > 0.6 ? 'suits' : 'fits'} ${SHEET[need.purpose]}.`,
    );
  },

  learning: (need, tool) => {
    const hand = handById(need.hand);
    if (
      !isLearning(need) ||
      !isBroad(tool.kind) ||
      tool.width === null ||
      hand.tool !== 'broad' ||
      need.bodyMm !== null
    )
      return undefined;
    // A school that begins with large nibs asks that of every cut edge, whatever the first widths of its kind.
    const large = need.schools.firstNib === 'large' && isCut(tool.kind);
    const kind = toolOf(tool.kind);
    const own = large ? undefined : kind?.firstWidths;
    const [low, high] = own ?? FIRST_NIB[need.schools.firstNib];
    const school = own ? {} : { school: 'firstNib' as const };
    if (kind?.firstWidth) return kind.firstWidth(tool.width, [low, high]);
    if (tool.width < 1.5) {
      return risk(
        18,
        `Beginners start at 1.5 mm or more: ${plain(tool.width)} mm hides the mistakes and tires the eye.`,
        'Start with 2 mm or more.',
      );
    }
    return tool.width >= low && tool.width <= high
      ? good(10, `${plain(tool.width)} mm is a good first width.`, school)
      : risk(
          large ? 18 : 6,
          own
            ? `${plain(tool.width)} mm is not a first width for ${withArticle(kindName(tool.kind))}.`
            : `${plain(tool.width)} mm is not what your school begins with.`,
          `Begin with ${low}–${high} mm.`,
          school,
        );
  },

  flexibility: (need, tool) => {
    if (!toolOf(tool.kind)?.tines) return undefined;
    if (tool.flex === null) {
      return cannotSay(
        tool,
        `Press “${tool.label}” on a nail: how far do the tines open?`,
        FLEXES.map((flex) => TOOL_RULES.flexibility?.(need, { ...tool, flex })),
      );
    }
    const rank = ['stiff', 'semi-flexible', 'flexible', 'very flexible'].indexOf(tool.flex);
    if (handById(need.hand).tool === 'monoline') {
      return rank === 0
        ? good(6, 'A stiff nib writes one even line.')
        : risk(
            6 + 4 * rank,
            `A ${tool.flex} nib opens under any pressure, where one even line is wanted.`,
            'Take a glass pen, a pencil or a stiff nib.',
          );
    }
    if (need.experience === 'beginner') {
      return [
        good(14, 'A stiff nib forgives a heavy hand.'),
        good(9, 'A semi-flexible nib opens only under deliberate pressure.'),
        risk(12, 'A flexible nib opens at the first uneven pressure.', 'Learn on a stiff nib.'),
        risk(22, 'A very flexible nib springs under a beginner’s hand.', 'Learn on a stiff nib.'),
      ][rank];
    }
    if (need.purpose === 'drills')
      return good(6 + 2 * rank, `A ${tool.flex} nib shows in a drill how evenly you press.`);
    return [
      risk(4, 'A stiff nib makes a modest shade.', 'Take a flexible nib for strong shades.'),
      good(8, 'A semi-flexible nib has shade enough for most work.'),
      good(12, 'A flexible nib swells from hairline to full shade.'),
      need.experience === 'practised'
        ? good(8, 'A very flexible nib has the deepest shades, for a sure hand.')
        : risk(8, 'A very flexible nib asks for a sure hand.', 'Take a flexible nib.'),
    ][rank];
  },

  wear: (need, tool) => {
    if (tool.wear === 'worn out') {
      return (
        toolOf(tool.kind)?.wornOut ??
        risk(24, `“${tool.label}” is worn out: thick and thin vanish.`, 'Replace it; nibs are used up.')
      );
    }
    if (tool.wear === 'some' && need.purpose === 'finished piece') {
      return risk(6, 'It is worn a little; a finished piece shows it.', 'Keep a fresh nib for good paper.');
    }
    return tool.wear === 'none' ? good(1, 'It is not worn.') : undefined;
  },

  handedness: (need, tool) => {
    if (need.side !== 'left') {
      return tool.cut === 'left-oblique'
        ? risk(8, 'A left-oblique cut turns the edge away from a right hand.', 'Take a square cut.')
        : undefined;
    }
    if (isCut(tool.kind)) {
      if (tool.cut === null)
        return cannotSay(
          tool,
          `Look at the edge of “${tool.label}”: is it cut square or oblique?`,
          CUTS.map((cut) => TOOL_RULES.handedness?.(need, { ...tool, cut })),
        );
      return tool.cut === 'left-oblique'
        ? good(
            10,
            `A left-oblique cut${tool.cutDegrees ? ` of ${plain(tool.cutDegrees)}°` : ''} gives a left hand its pen angle without twisting the wrist.`,
          )
        : tool.cut === 'right-oblique'
          ? risk(
              14,
              'A right-oblique cut twists a left hand further.',
              'Take a left-oblique cut, or a square one with the page turned.',
            )
          : risk(
              3,
              'With a square cut a left hand must turn the page.',
              'Turn the page clockwise (see Grip and page), or take a left-oblique cut.',
            );
    }
    return undefined;
  },

  purpose: (need, tool) => toolOf(tool.kind)?.suits?.(need),

  /** Felt springs back, bristle does not (common teaching). */
  tip: ({ experience, purpose }, { tip }) => {
    const piece = purpose === 'finished piece' || purpose === 'envelope';
    switch (tip) {
      case 'felt':
        if (experience === 'beginner') return good(6, 'A felt tip gives way a little and springs back.');
        return piece
          ? risk(4, 'A felt tip frays, and its hairlines grow thick.', 'Take a fresh one, or bristle.')
          : good(3, 'A felt tip shows in a drill how evenly you press.');
      case 'bristle':
        return experience === 'beginner'
          ? risk(8, 'Bristle bends as far as it is pressed, and stays bent.', 'Learn on a small felt tip.')
          : good(5, 'Bristle goes from a hairline to a full stroke, and carries more ink.');
      default:
        return undefined;
    }
  },

  liked: (_, tool) => liked(tool),
};
