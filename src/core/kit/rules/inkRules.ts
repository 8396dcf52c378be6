import { plain } from '../../measure/units';
import { capital, withArticle } from '../../measure/words';
import { asUsual } from '../inks/asUsual';
import { INK_KINDS, inkOf } from '../inks/registry';
import type { Item } from '../item';
import { toolOf } from '../kinds/registry';
import type { Need } from '../need';
import { fails, good, risk, type Verdict } from '../verdict';
import { cannotSay } from './cannotSay';
import { liked } from './liked';
import { isCut, isDipped, takesFilling, takesHolder, vesselOf } from './traits';

type InkRule = (need: Need, tool: Item, ink: Item) => Verdict;

/** Tool ↔ ink. */
export const INK_RULES: Readonly<Record<string, InkRule>> = {
  harm: (need, tool, ink) => {
    const vessel = vesselOf(tool.kind);
    if (!vessel) return undefined;
    return ink.inkKind === null
      ? cannotSay(
          ink,
          `Read the label of “${ink.label}”: what kind of ink is it?`,
          INK_KINDS.map((inkKind) => INK_RULES.harm?.(need, tool, { ...ink, inkKind })),
        )
      : inkOf(ink.inkKind)?.inside[vessel];
  },

  fitting: (_, tool, ink) => {
    if (ink.fitting === null) return undefined;
    if (!takesFilling(tool.kind)) {
      return isDipped(tool.kind)
        ? risk(
            10,
            'Nothing can be dipped into a cartridge.',
            'Press its ink into a small pot, or take ink from a bottle.',
          )
        : undefined;
    }
    if (tool.fitting === null) return cannotSay(tool, `Which cartridges does “${tool.label}” take?`);
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

  ease: (need, tool, ink) => {
    const kind = inkOf(ink.inkKind);
    const mixed = kind?.mixed === true;
    if (need.experience === 'beginner') {
      if (mixed) return risk(10, 'Mixed and metallic inks are not for beginners.', 'Begin with carbon ink.');
      return kind?.firstToDip && isDipped(tool.kind)
        ? good(6, `${capital(kind.id)} ink is the beginner’s choice for dipping: it flows and covers.`)
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
          `Only ${plain(ink.millilitres, 1)} ml of “${ink.label}” are left.`,
          'Have a second bottle ready.',
        )
      : undefined,

  lasting: (need, _, ink) => {
    if (need.purpose === 'envelope') {
      const { waterproof } = asUsual(ink);
      return waterproof === null
        ? cannotSay(ink, `Write a line with “${ink.label}”, let it dry, and put a drop of water on it.`)
        : waterproof
          ? good(6, 'A waterproof ink survives the rain.')
          : risk(5, 'Rain runs this ink.', 'Take a waterproof ink, or fix the address.');
    }
    const kind = inkOf(ink.inkKind);
    return need.purpose === 'finished piece' && kind?.fades
      ? risk(10, `${capital(kind.id)} fades in the light.`, 'Take carbon ink or gouache.')
      : undefined;
  },

  liked: (_, __, ink) => liked(ink),
};
