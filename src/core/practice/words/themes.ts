import { lookUp } from '../../measure/lookUp';
import { SKY_WORDS } from './sky';
import { writable } from './wordList';

/** Words of a theme by their first letter. */
export type ThemeWords = Readonly<Record<string, readonly string[]>>;

/** A list of plain words as a theme: each under its first letter, in their order. */
function byLetter(words: string): ThemeWords {
  const found: Record<string, string[]> = {};
  for (const word of words.split(/\s+/)) {
    const letter = word.charAt(0);
    found[letter] = [...(lookUp(found, letter) ?? []), word];
  }
  return found;
}

/** Themes to write an alphabet of. Colours, birds, plants and tools are everyday words; rivers are invented, of the observatory's maps. */
export const THEMES = {
  sky: { name: 'the sky', words: SKY_WORDS },
  colours: {
    name: 'colours',
    words: byLetter(
      'amber azure apricot blue brown beige copper crimson cream denim dun ebony emerald ecru fawn fuchsia flax green gold grey hazel honey indigo ivory jade jet khaki lilac lemon lime mauve maroon mint navy nutmeg ochre olive orange pink plum purple quartz red rose russet silver scarlet sepia teal tan turquoise umber vermilion violet white wheat walnut xanthic yellow zinc',
    ),
  },
  birds: {
    name: 'birds',
    words: byLetter(
      'auk avocet albatross bunting blackbird bittern crow curlew chaffinch dove dunlin dipper eagle egret eider finch falcon fulmar goose gull goldfinch heron hawk hoopoe ibis jay jackdaw kite kingfisher kestrel lark linnet lapwing magpie merlin martin nightjar nuthatch nightingale owl oriole osprey plover puffin petrel quail robin rook redwing swan swift starling tern thrush teal umbrette vulture warbler wren whinchat xenops yaffle zosterops',
    ),
  },
  plants: {
    name: 'plants',
    words: byLetter(
      'ash aster alder beech bramble bluebell clover cedar campion daisy dock dill elm elder fern foxglove flax gorse geranium grass hazel heather holly iris ivy juniper jasmine knapweed kale lily larch lavender maple mint moss nettle narcissus oak oat orchid pine poppy primrose quince rush rose rowan sage sorrel speedwell thyme teasel tulip umbel violet vetch valerian willow wheat woodruff xylem yarrow yew zinnia',
    ),
  },
  rivers: {
    name: 'rivers of invented maps',
    words: byLetter(
      'aldwen averill brannow bellmere corrin calder dunnow delliver elwen estrow fallow fennibeck garrow glimmer haldon hathering isken illow jurrow jessamere kelloway kinnet lorrow linnowater merrow mallender nethering nollow orrin ollerby pellow penderbeck quillon quarrow rennow rillwater sellow silverin tamrow tollander ullow umberwater vennow vallerin wendle wharrow xandle yarrowin yewbeck zennor zillow',
    ),
  },
  tools: {
    name: 'tools of a desk',
    words: byLetter(
      'awl apron anvil blotter brush bottle compass card clamp divider drawer easel eraser envelope file folder ferrule gum gauge glue holder hinge ink inkwell jar jig knife kit lamp ladder ledger measure mount mallet nib needle notebook oilstone ochre pen paper pencil pounce palette quill rag ruler reed scissors stylus square tape tray thread underlay vellum vice varnish wax water weight xylography yardstick zinc',
    ),
  },
} as const satisfies Readonly<Record<string, { readonly name: string; readonly words: ThemeWords }>>;

export type ThemeId = keyof typeof THEMES;
export const THEME_IDS: readonly [ThemeId, ...ThemeId[]] = [
  'sky',
  'colours',
  'birds',
  'plants',
  'rivers',
  'tools',
];

/** A word for each known letter, from a theme: the n-th choice of each, so that a second page differs. */
export function themeAlphabet(
  theme: ThemeId,
  known: ReadonlySet<string>,
  choice = 0,
): { words: string[]; lacking: string[] } {
  const words: string[] = [];
  const lacking: string[] = [];
  const all: ThemeWords = THEMES[theme].words;
  for (const [letter, list] of Object.entries(all)) {
    const possible = writable(list, known);
    if (possible.length > 0) words.push(possible[choice % possible.length] as string);
    else if (known.has(letter)) lacking.push(letter);
  }
  return { words, lacking };
}
