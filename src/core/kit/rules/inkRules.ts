import { plain } from '../../measure/units';
import { capital, withArticle } from '../../measure/words';
import { INK_KINDS } from '../choices';
import type { Item } from '../item';
import { toolOf } from '../kinds/registry';
import type { Need } from '../need';
import { fails, good, risk, type Verdict } from '../verdict';
import { cannotSay } from './cannotSay';
import { isCut, isDipped, isFilled, takesHolder } from './traits';

type InkRule = (need: Need, tool: Item, ink: Item) => Verdict;

/** Tool ↔ ink. */
export const INK_RULES: Readonly<Record<string, InkRule>> = {
  harm: (need, tool, ink) => {
    const filled = isFilled(tool.kind);
    if (ink.inkKind === null) {
      return cannotSay(
        ink,
        `Read the label of “${ink.label}”: what kind of ink is it?`,
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
          `Only ${plain(ink.millilitres, 1)} ml of “${ink.label}” are left.`,
          'Have a second bottle ready.',
        )
      : undefined,

  lasting: (need, _, ink) => {
    if (need.purpose === 'envelope') {
      return ink.waterproof === null
        ? cannotSay(ink, `Write a line with “${ink.label}”, let it dry, and put a drop of water on it.`)
        : ink.waterproof
          ? good(6, 'A waterproof ink survives the rain.')
          : risk(5, 'Rain runs this ink.', 'Take a waterproof ink, or fix the address.');
    }
    return need.purpose === 'finished piece' && ink.inkKind === 'dye'
      ? risk(10, 'Dye fades in the light.', 'Take carbon ink or gouache.')
      : undefined;
  },
};
