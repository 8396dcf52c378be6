import { handById } from '../hands/registry';
import { plain, roundTo } from '../measure/units';
import { amount, capital, withArticle } from '../measure/words';
import { CUTS, FLEXES, HOLDER_TYPES, INK_KINDS, SIZINGS, SURFACES } from './choices';
import { unseenOn } from './cover';
import type { Item } from './item';
import { kindName } from './itemKinds';
import { firstToolFor, toolOf } from './kinds/registry';
import { mostBody, type Need, type SchoolId, widthWanted } from './need';
import { fails, good, risk, type Verdict } from './verdict';

// The fit rules: each a small pure function that judges two or three things of a kit against each other.

/** Not knowing is never better than knowing: at least an ordinary risk, else the worst that the fact could turn out to be. */
const DOUBT = 6;
const cannotSay = (item: Item, unknown: string, couldBe: readonly Verdict[] = []): Verdict => ({
  points: Math.min(-DOUBT, ...couldBe.map((verdict) => (verdict?.fails ? -DOUBT : (verdict?.points ?? 0)))),
  reason: 'Could not be judged.',
  unknown,
  of: item.id,
});

const name = (item: Item) => item.label;
/** A cut edge, or two points that draw the outlines of one. */
const isBroad = (kind: Item['kind']) => ['cut', 'gap'].includes(toolOf(kind)?.edge ?? '');
const isCut = (kind: Item['kind']) => toolOf(kind)?.edge === 'cut';
const isGap = (kind: Item['kind']) => toolOf(kind)?.edge === 'gap';
/** Dip tools are filled drop by drop; the others hold their own supply. */
export const isDipped = (kind: Item['kind']) => toolOf(kind)?.supply === 'dipped';
/** Tools that are pushed into a holder. */
export const takesHolder = (kind: Item['kind']) => toolOf(kind)?.seated === true;
/** Tools that any copy paper bears: they lay no wet line. */
export const anyPaperServes = (kind: Item['kind']) => toolOf(kind)?.anyPaper === true;
/** Tools that take ink from a bottle or cartridge. */
export const takesInk = (kind: Item['kind']) =>
  ['dipped', 'cartridge', 'dropper'].includes(toolOf(kind)?.supply ?? '');
const isFilled = (kind: Item['kind']) => toolOf(kind)?.supply === 'cartridge';

/** A scribe who is shown what to begin with. */
const isLearning = ({ experience, purpose }: Need): boolean =>
  experience === 'beginner' || purpose === 'class' || purpose === 'first tries';

/** Recognises envelopes by their name: no fact of a paper says it. */
const isEnvelope = ({ label }: Item): boolean => /envelope/i.test(label);

/** Logarithmic deviation of weight (about a factor of two) from which the result is another hand and not a lighter or blacker version. */
const FAR = 0.65;

/** Nib widths are compared to a tenth; up to this logarithmic excess over a range (about 8 %) the deviation counts as slight. */
const WEIGHT_SEEN = 0.1;
const SLIGHTLY = 0.08;
/** The most a risk costs. */
const MOST = 30;
/** Outlines are written larger than a pen writes: half as many lines to a page. */
const PENCILS_LARGER = 2;

/** First widths of a nib, in mm, by the user's school (common teaching); other kinds of tools declare their own. */
const FIRST_NIB = { medium: [2, 3.5], large: [4, 8] } as const;

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
    if (hand.tool === 'pointed' && kind.nib === 'brush') {
      return softFirst
        ? good(34, 'A small brush pen teaches thick and thin before a nib has to be mastered.', {
            school: 'firstPointed',
          })
        : risk(
            14,
            'A brush pen has no hairline as fine as a nib’s.',
            'Take a pointed nib once pressure is learned.',
            {
              school: 'firstPointed',
            },
          );
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
      return cannotSay(tool, `Measure the width of “${name(tool)}” by a nib ladder.`, [
        { points: -MOST, reason: '' },
      ]);
    }
    const wanted = widthWanted(need);
    if (wanted !== null && need.bodyMm !== null) {
      const weight = roundTo(need.bodyMm / tool.width, WEIGHT_SEEN);
      if (weight >= hand.weight.low && weight <= hand.weight.high) {
        return good(
          18,
          `${plain(tool.width)} mm makes a body of ${plain(need.bodyMm)} mm at ${amount(weight, 'nib width', 1)}: right for ${hand.name}.`,
        );
      }
      const tooBlack = weight < hand.weight.low;
      const off = Math.abs(Math.log(weight / (tooBlack ? hand.weight.low : hand.weight.high)));
      const slightly = off < SLIGHTLY ? 'a little ' : '';
      const sentence = `${plain(tool.width)} mm would make ${plain(need.bodyMm)} mm of body ${amount(weight, 'nib width', 1)}, ${slightly}too ${tooBlack ? 'black' : 'light'} for ${hand.name}, whose body is ${plain(hand.weight.low, 1)} to ${plain(hand.weight.high, 1)}.`;
      return off > FAR
        ? fails(sentence, `A nib of ${plain(wanted, 1)} mm would fit.`)
        : risk(
            Math.min(MOST, (off < SLIGHTLY ? 2 : 8) + 32 * off),
            sentence,
            `Take a nib of ${plain(wanted, 1)} mm, or rule a body of ${plain(tool.width * hand.zones.body, 1)} mm.`,
          );
    }
    const body = tool.width * hand.zones.body;
    const pencils = isGap(tool.kind);
    const most = mostBody(need) * (pencils ? PENCILS_LARGER : 1);
    if (body > most) {
      return risk(
        Math.min(MOST, 10 + 30 * Math.log(body / most)),
        `${plain(tool.width)} mm makes a body of ${plain(body, 1)} mm; ${SHEET[need.purpose]} has room for ${plain(most, 1)} mm.`,
        pencils
          ? `Bind them closer, to ${plain(most / hand.zones.body, 1)} mm or less.`
          : `Take a nib of at most ${plain(most / hand.zones.body, 1)} mm.`,
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
    const usual = Math.min(Math.max(hand.width, least), most / hand.zones.body);
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
        `Press “${name(tool)}” on a nail: how far do the tines open?`,
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
        risk(24, `“${name(tool)}” is worn out: thick and thin vanish.`, 'Replace it; nibs are used up.')
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
          `Look at the edge of “${name(tool)}”: is it cut square or oblique?`,
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
};

/** Shanks of tube nibs have an arc of less than this, in mm (estimate: the demo's has 1.3, other nibs over 3). */
const TUBE_RADIUS = 2;

type HolderRule = (need: Need, tool: Item, holder: Item) => Verdict;

/** Tool ↔ holder. */
export const HOLDER_RULES: Readonly<Record<string, HolderRule>> = {
  socket: (_, tool, holder) => {
    const { shankRadius: radius, shankWidth: width } = tool;
    if (isCut(tool.kind) && takesHolder(tool.kind) && holder.holderType === 'oblique') {
      return fails(
        `“${name(tool)}” falls out of “${name(holder)}”: a broad nib does not sit in a slot that is oblique only.`,
        'Use a straight or two-in-one holder.',
      );
    }
    if (radius === null && width === null) {
      return cannotSay(tool, `Measure the shank of “${name(tool)}”: the radius of its arc and its width.`);
    }
    const { fitsRadiusFrom: from, fitsRadiusTo: to, fitsWidthTo: widest } = holder;
    if (from === null && to === null && widest === null) {
      return cannotSay(
        holder,
        `Try which shanks “${name(holder)}” takes: the arc radius and the greatest width.`,
      );
    }
    if (radius !== null && from !== null && radius < from) {
      return fails(
        `The shank of “${name(tool)}” has an arc of ${plain(radius, 1)} mm radius; “${name(holder)}” grips from ${plain(from, 1)} mm, so the nib falls out.`,
        'Take a holder with a smaller or adjustable flange.',
      );
    }
    if (radius !== null && to !== null && radius > to) {
      return fails(
        `The shank of “${name(tool)}” has an arc of ${plain(radius, 1)} mm radius; “${name(holder)}” takes at most ${plain(to, 1)} mm.`,
        'Take a holder with a larger or adjustable flange.',
      );
    }
    if (width !== null && widest !== null && width > widest) {
      return fails(
        `The shank of “${name(tool)}” is ${plain(width, 1)} mm wide; “${name(holder)}” takes at most ${plain(widest, 1)} mm.`,
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
        `Is “${name(holder)}” straight or oblique?`,
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

  grip: (need, _, holder) =>
    holder.grip !== null && holder.grip < 6 && need.experience === 'beginner'
      ? risk(
          3,
          `A grip of ${plain(holder.grip, 1)} mm invites white knuckles.`,
          'Try a thicker grip cheaply before buying one.',
        )
      : undefined,
};

type InkRule = (need: Need, tool: Item, ink: Item) => Verdict;

/** Tool ↔ ink. */
export const INK_RULES: Readonly<Record<string, InkRule>> = {
  harm: (need, tool, ink) => {
    const filled = isFilled(tool.kind);
    if (ink.inkKind === null) {
      return cannotSay(
        ink,
        `Read the label of “${name(ink)}”: what kind of ink is it?`,
        INK_KINDS.map((inkKind) => INK_RULES.harm?.(need, tool, { ...ink, inkKind })),
      );
    }
    switch (ink.inkKind) {
      case 'india':
        if (filled)
          return fails(
            'India ink holds shellac: it sets in a pen and never comes out.',
            'Use a thin dye ink.',
          );
        return good(2, 'India ink is black and waterproof; rinse before it dries.');
      case 'acrylic':
        if (filled)
          return fails('Acrylic sets in a pen for good.', 'Use it with a dip nib, and wash at once.');
        return risk(5, 'Acrylic stains and clogs.', 'Dip only, and wash the nib at once.');
      case 'carbon':
      case 'gouache':
      case 'metallic':
        if (filled) return fails(`${capital(ink.inkKind)} clogs a pen’s feed.`, 'Use a thin dye ink.');
        return ink.inkKind === 'carbon' ? good(5, 'Carbon ink is black, dense and lasting.') : undefined;
      case 'calligraphy':
        return filled
          ? risk(8, 'Dense calligraphy ink can clog a feed.', 'Flush the pen often, or use a dye ink.')
          : good(5, 'Calligraphy ink is dense enough for a dip nib.');
      case 'iron gall':
        return filled
          ? risk(12, 'Iron gall eats a pen’s metal.', 'Flush with water after every use.')
          : risk(2, 'Iron gall is acidic.', 'Rinse steel at once and dry it.');
      case 'dye':
        return filled
          ? good(8, 'A thin dye ink is what such a pen is made for.')
          : risk(4, 'Dye ink is thin for a dip nib.', 'Add a drop of gum arabic, in a separate pot.');
    }
  },

  fitting: (_, tool, ink) => {
    if (!isFilled(tool.kind) || ink.fitting === null) return undefined;
    if (tool.fitting === null) return cannotSay(tool, `Which cartridges does “${name(tool)}” take?`);
    return tool.fitting === ink.fitting || tool.fitting === 'converter'
      ? good(4, 'The cartridge fits.')
      : fails(
          `${capital(withArticle(ink.fitting))} cartridge does not fit a pen for ${tool.fitting} cartridges.`,
          'Use a converter and bottled dye ink.',
        );
  },

  load: (_need, tool, ink) => {
    if (!isDipped(tool.kind) || tool.width === null) return undefined;
    if (isCut(tool.kind) && takesHolder(tool.kind) && tool.width >= 3 && tool.reservoir === false) {
      return risk(
        8,
        `Without a reservoir ${plain(tool.width)} mm runs dry in a letter or two.`,
        'Slip on a reservoir, ½–1 mm behind the tip.',
      );
    }
    if (toolOf(tool.kind)?.tines && (ink.wetness ?? 3) <= 1.5) {
      return risk(
        6,
        'A dry ink splits a shade into two rails.',
        'Thin it drop by drop, or dip before long shades.',
      );
    }
    return undefined;
  },

  ease: (need, _, ink) => {
    const mixed = ink.inkKind === 'metallic' || ink.inkKind === 'gouache';
    if (need.experience === 'beginner') {
      if (mixed) return risk(10, 'Mixed and metallic inks are not for beginners.', 'Begin with carbon ink.');
      return ink.inkKind === 'carbon'
        ? good(6, 'Carbon ink is the beginner’s choice for dipping: it flows and covers.')
        : undefined;
    }
    return mixed && need.purpose !== 'finished piece' && need.purpose !== 'practice piece'
      ? risk(5, 'A mixed ink costs time and stirring.', 'Keep it for pieces.')
      : undefined;
  },

  supply: (_, __, ink) =>
    ink.millilitres !== null && ink.millilitres < 2
      ? risk(
          5,
          `Only ${plain(ink.millilitres, 1)} ml of “${name(ink)}” are left.`,
          'Have a second bottle ready.',
        )
      : undefined,

  lasting: (need, _, ink) => {
    if (need.purpose === 'envelope') {
      return ink.waterproof === null
        ? cannotSay(ink, `Write a line with “${name(ink)}”, let it dry, and put a drop of water on it.`)
        : ink.waterproof
          ? good(6, 'A waterproof ink survives the rain.')
          : risk(5, 'Rain runs this ink.', 'Take a waterproof ink, or fix the address.');
    }
    return need.purpose === 'finished piece' && ink.inkKind === 'dye'
      ? risk(10, 'Dye fades in the light.', 'Take carbon ink or gouache.')
      : undefined;
  },
};

type PaperRule = (need: Need, tool: Item, paper: Item) => Verdict;

/** Tool ↔ paper. */
export const PAPER_RULES: Readonly<Record<string, PaperRule>> = {
  surface: (need, tool, paper) => {
    if (paper.surface === null) {
      return cannotSay(
        paper,
        `Feel “${name(paper)}”: smooth or rough?`,
        SURFACES.map((surface) => PAPER_RULES.surface?.(need, tool, { ...paper, surface })),
      );
    }
    return toolOf(tool.kind)?.onSurface[SURFACES.indexOf(paper.surface)];
  },

  drying: (need, tool, paper) =>
    need.side === 'left' && paper.surface === 'very smooth' && takesInk(tool.kind) && !isFilled(tool.kind)
      ? risk(
          3,
          'On a sheet this smooth, ink dries slowly under a left hand.',
          'Write the page from the right, or lay a guard sheet.',
        )
      : undefined,

  made: (need, _, paper) => {
    if (need.purpose === 'envelope') {
      return isEnvelope(paper)
        ? good(16, `“${name(paper)}” is what is wanted.`)
        : risk(
            10,
            `“${name(paper)}” is not an envelope.`,
            'Write on the envelope itself; try out on a sheet like it.',
          );
    }
    return isEnvelope(paper)
      ? risk(10, 'An envelope has no flat sheet to rule.', 'Take a sheet or a pad.')
      : undefined;
  },

  worth: (need, _, paper) => {
    if (need.purpose === 'drills' || need.purpose === 'class' || need.purpose === 'first tries') {
      return paper.grams !== null && paper.grams > 160
        ? risk(
            4,
            `${plain(paper.grams, 0)} g/m² is good paper for drills.`,
            'Keep it for pieces; practise on layout paper.',
          )
        : undefined;
    }
    if (need.purpose === 'finished piece') {
      return paper.grams === null
        ? undefined
        : paper.grams >= 120
          ? good(6, `${plain(paper.grams, 0)} g/m² lies flat and lasts.`)
          : risk(8, `${plain(paper.grams, 0)} g/m² cockles under ink.`, 'Take paper of 120 g/m² or more.');
    }
    return undefined;
  },
};

type SpreadRule = (need: Need, tool: Item, ink: Item | undefined, paper: Item) => Verdict;

const SIZING_RANK = { unsized: 0, light: 1, hard: 2 } as const;

/** Tool × ink × paper: how wet the line is against how much the paper drinks. */
export const SPREAD_RULES: Readonly<Record<string, SpreadRule>> = {
  feathering: (need, tool, ink, paper) => {
    const kind = toolOf(tool.kind);
    if (!kind || kind.supply === 'none') return undefined;
    if (paper.sizing === null) {
      return cannotSay(
        paper,
        `Write a wet line on “${name(paper)}”: does it feather? That is its sizing.`,
        SIZINGS.map((sizing) => SPREAD_RULES.feathering?.(need, tool, ink, { ...paper, sizing })),
      );
    }
    // Without its ink the wetness of a tool is unknown; another rule reports the missing ink.
    if (!ink && takesInk(tool.kind)) return undefined;
    // A felt lays little ink: the one wet tool that cheap paper bears.
    const wetness = ink ? ink.wetness : (kind.wetness ?? 1.2);
    if (ink && wetness === null) {
      return cannotSay(
        ink,
        `How wet does “${name(ink)}” write, from 1 to 5?`,
        [1, 5].map((wetness) => SPREAD_RULES.feathering?.(need, tool, { ...ink, wetness }, paper)),
      );
    }
    const flood = kind.flood ?? 1;
    const width = tool.width ?? 1;
    // Ink laid per millimetre of line grows with width and wetness; the maximum that a sheet bears depends on its sizing.
    const laid = (wetness ?? 3) * flood * Math.sqrt(Math.max(0.3, width));
    const borne = [2.4, 4.6, 8.5][SIZING_RANK[paper.sizing]] as number;
    const over = laid / borne;
    if (over <= 0.7) return good(7, `“${name(paper)}” bears this line without feathering.`);
    if (over <= 1) return good(3, `“${name(paper)}” just bears this line.`);
    const sentence = `A ${plain(width)} mm line this wet feathers on ${paper.sizing === 'hard' ? 'even hard-sized' : paper.sizing === 'light' ? 'lightly sized' : 'unsized'} paper.`;
    return risk(
      Math.min(28, 8 + 14 * (over - 1)),
      sentence,
      need.purpose === 'envelope'
        ? 'Take a narrower nib or a drier ink, add gum, or use a marker on this paper.'
        : 'Take a harder-sized paper, a narrower nib or a drier ink.',
    );
  },

  cover: (_, _tool, ink, paper) => {
    const unseen = unseenOn(ink, paper);
    return unseen && risk(ink ? 28 : 26, unseen.says, unseen.instead);
  },
};

/** A purpose as the sheet it is written on. */
const SHEET: Readonly<Record<Need['purpose'], string>> = {
  'first tries': 'a sheet of first tries',
  drills: 'a sheet of drills',
  'practice piece': 'a practice piece',
  envelope: 'an envelope',
  'finished piece': 'a finished piece',
  class: 'a class sheet',
};
