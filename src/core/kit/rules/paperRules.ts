import { plain } from '../../measure/units';
import { SIZINGS, SURFACES } from '../choices';
import { unseenOn } from '../cover';
import { asUsual } from '../inks/asUsual';
import type { Item } from '../item';
import { toolOf } from '../kinds/registry';
import type { Need } from '../need';
import { good, risk, type Verdict } from '../verdict';
import { cannotSay } from './cannotSay';
import { liked } from './liked';
import { isFilled, takesInk } from './traits';

/** Recognises envelopes by their name: no fact of a paper says it. */
const isEnvelope = ({ label }: Item): boolean => /envelope/i.test(label);

type PaperRule = (need: Need, tool: Item, paper: Item) => Verdict;

/** Tool ↔ paper. */
export const PAPER_RULES: Readonly<Record<string, PaperRule>> = {
  surface: (need, tool, paper) => {
    if (paper.surface === null) {
      return cannotSay(
        paper,
        `Feel “${paper.label}”: smooth or rough?`,
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
        ? good(16, `“${paper.label}” is what is wanted.`)
        : risk(
            10,
            `“${paper.label}” is not an envelope.`,
            'Write on the envelope itself; try out on a sheet like it.',
          );
    }
    return isEnvelope(paper)
      ? risk(10, 'An envelope has no flat sheet to rule.', 'Take a sheet or a pad.')
      : undefined;
  },

  dark: (_, __, paper) =>
    paper.tone === 'dark'
      ? risk(
          6,
          'Dark paper hides nothing: no slip can be scraped.',
          'Take it where the piece asks for dark paper.',
        )
      : undefined,

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

  liked: (_, __, paper) => liked(paper),
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
        `Write a wet line on “${paper.label}”: does it feather? That is its sizing.`,
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
        `How wet does “${ink.label}” write, from 1 to 5?`,
        [1, 5].map((wetness) => SPREAD_RULES.feathering?.(need, tool, { ...ink, wetness }, paper)),
      );
    }
    const flood = kind.flood ?? 1;
    const width = tool.width ?? 1;
    // Ink laid per millimetre of line grows with width and wetness; the maximum that a sheet bears depends on its sizing.
    const laid = (wetness ?? 3) * flood * Math.sqrt(Math.max(0.3, width));
    const borne = [2.4, 4.6, 8.5][SIZING_RANK[paper.sizing]] as number;
    const over = laid / borne;
    if (over <= 0.7) return good(7, `“${paper.label}” bears this line without feathering.`);
    if (over <= 1) return good(3, `“${paper.label}” just bears this line.`);
    const sentence = `A ${plain(width)} mm line this wet feathers on ${paper.sizing === 'hard' ? 'even hard-sized' : paper.sizing === 'light' ? 'lightly sized' : 'unsized'} paper.`;
    return risk(
      Math.min(28, 8 + 14 * (over - 1)),
      sentence,
      need.purpose === 'envelope'
        ? 'Take a narrower nib or a drier ink, add gum, or use a marker on this paper.'
        : 'Take a harder-sized paper, a narrower nib or a drier ink.',
    );
  },

  cover: (need, tool, ink, paper) => {
    if (ink && paper.tone === 'dark' && asUsual(ink).light === null) {
      return cannotSay(
        ink,
        `Is “${ink.label}” a light ink, for dark paper?`,
        [true, false].map((light) => SPREAD_RULES.cover?.(need, tool, { ...ink, light }, paper)),
      );
    }
    const unseen = unseenOn(ink, paper, tool);
    return unseen && risk(ink ? 28 : 26, unseen.says, unseen.instead);
  },
};
