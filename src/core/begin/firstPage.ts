import type { About } from '../about/about';
import { withChosenNib } from '../document/chosenNib';
import { freshFor } from '../document/freshFor';
import type { Recipe } from '../document/recipe';
import { suggestHands } from '../hand/choose';
import { countsByPen } from '../hand/hand';
import type { Purpose } from '../hand/portrait';
import { HANDS, type HandId, handById } from '../hands/registry';
import { hasLetters, loadScript } from '../hands/scripts';
import { asNib, blankItem, type Item } from '../kit/item';
import { kindName } from '../kit/itemKinds';
import { type Need, needFor } from '../kit/need';
import { plain } from '../measure/units';
import { withBands } from '../practice/edit';
import { tenMinutePage } from '../practice/tenMinutes';
import type { WordList } from '../practice/words/wordList';
import { handOf } from '../setting/handOf';
import { FIRST_TOOLS, type FirstTool, type FirstToolId, LIKELIEST_TOOL } from './firstTools';

/** What a beginner has answered; each may be skipped. */
export interface FirstWish {
  readonly purpose?: Purpose;
  readonly tool?: FirstToolId;
  /** A hand they choose themselves instead of the one suggested. */
  readonly hand?: HandId;
}

/** A hand to begin with, and why. */
export interface FirstHand {
  readonly hand: HandId;
  readonly name: string;
  readonly reasons: readonly string[];
}

export interface Beginning {
  readonly chosen: FirstHand;
  readonly others: readonly FirstHand[];
  /** The first page: ruled for the tool, with what is learned first. */
  readonly recipe: Recipe;
  /** The tool as a thing of the bench. */
  readonly item: Item | undefined;
  /** What the kit of the hand is wanted for. */
  readonly need: Need;
}

/** Under this id a beginner's tool lies on the bench. */
const FIRST_ITEM = 'first-tool';

/** The tool as it lies on the bench: a width that is only as usual is not measured. */
function asItem({ kind, width }: FirstTool): Item | undefined {
  if (!kind) return undefined;
  const label = `${kindName(kind)}${width === undefined ? '' : `, about ${plain(width)} mm`}`;
  return { ...blankItem(FIRST_ITEM, kind, label), width: width ?? null };
}

/** From three answers to a hand, a tool and a page to print; every answer may be missing. Fetches the hand's letters. */
export async function beginning(wish: FirstWish, about: About, words: WordList): Promise<Beginning> {
  const tool: FirstTool = FIRST_TOOLS[wish.tool ?? LIKELIEST_TOOL];
  // A page nobody can write with what they have is no beginning.
  const suggested = suggestHands(
    HANDS.filter((hand) => hand.tool === tool.family),
    { purpose: wish.purpose, tool: tool.family, beginner: true },
    { owned: new Set(), drawn: ({ id }) => hasLetters(id) },
  ).map(({ hand, reasons }): FirstHand => ({ hand: hand.id, name: hand.name, reasons }));
  const own = wish.hand && { hand: wish.hand, name: handById(wish.hand).name, reasons: ['You chose it.'] };
  const known = suggested.find(({ hand }) => hand === wish.hand);
  const chosen = known ?? own ?? suggested[0];
  if (!chosen) throw new RangeError('There is no hand to suggest.');
  await loadScript(chosen.hand);
  const item = asItem(tool);
  const recipe = ruledFor(freshFor(about, chosen.hand), item);
  const bands = tenMinutePage(recipe, new Set(), words);
  return {
    chosen,
    others: suggested.filter(({ hand }) => hand !== chosen.hand),
    recipe: { ...withBands(recipe, bands), title: `A first page of ${chosen.name}` },
    item,
    need: needFor(chosen.hand, {
      purpose: 'first tries',
      experience: 'beginner',
      side: about.side,
      schools: about.schools,
    }),
  };
}

/** The sheet for a tool whose width decides the letters' height; others keep what is usual of the hand. */
function ruledFor(recipe: Recipe, item: Item | undefined): Recipe {
  const nib = item && asNib(item);
  return nib && countsByPen(handOf(recipe)) ? withChosenNib(recipe, nib, null) : recipe;
}
