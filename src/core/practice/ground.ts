import type { Zones } from '../hand/hand';
import type { Measures } from '../hand/letter';
import { measuresOf } from '../hand/measures';
import { penOf } from '../hand/pen';
import type { Mm } from '../measure/units';
import { lru, numbering } from '../memo/memo';
import type { Pen } from '../pen/pen';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import { moduleLength } from '../setting/lineSystem';
import { edgeOf, letterUnit, letterZones, pressedPen, recipeTypeface } from '../setting/settingFace';
import type { Sheet } from '../sheet/sheet';
import type { Typeface } from '../type/face';
import type { Figure } from '../writing/figure';
import type { How } from './band';

/** A pen and what it writes, in letter units. */
export interface Writing {
  readonly pen: Pen;
  /** Undefined for a hand whose letters are not drawn, which has drills and ruling only. */
  readonly face: Typeface | undefined;
  readonly zones: Zones;
  readonly measures: Measures;
  /** Cache of figures. */
  readonly figures: Map<string, Figure | undefined>;
}

/** What a band is written on and with: the sheet at the band's size, its pen, and its letters where they are drawn. */
export interface Ground extends Writing {
  /** The recipe at the band's size. */
  readonly recipe: Sheet;
  /** Length of the letter unit, and of the unit the ruling counts in. */
  readonly unit: Mm;
  readonly module: Mm;
}

/** The same sheet larger or smaller: a wider nib where heights are nib widths, a taller body elsewhere. */
export function sized(recipe: Sheet, size: number): Sheet {
  if (size === 1) return recipe;
  switch (handOf(recipe).basis) {
    case 'nib':
    case 'dots':
      return { ...recipe, width: recipe.width * size };
    case 'ratio':
      return { ...recipe, ratioUnit: recipe.ratioUnit * size };
    case 'mm': {
      const times = (height: number) => height * size;
      const { zones } = recipe;
      return {
        ...recipe,
        zones: {
          body: times(zones.body),
          ascender: times(zones.ascender),
          descender: times(zones.descender),
          capital: times(zones.capital),
          gap: times(zones.gap),
          branch: zones.branch && times(zones.branch),
          smallCapital: zones.smallCapital && times(zones.smallCapital),
        },
      };
    }
  }
}

export function groundOf(
  base: Sheet,
  { size, held }: Pick<How, 'size' | 'held'>,
  own: readonly OwnLetter[] = [],
): Ground {
  const recipe = sized(base, size);
  return {
    recipe,
    unit: letterUnit(recipe),
    module: moduleLength(recipe, recipe.width),
    ...writingOf(recipe, held, own),
  };
}

/** Cache size: the sizes and hands of one pack of pages. */
const kept = lru<Writing>(24);
const numbered = numbering();

/** Cached: every edit asks for the same writing, whose shapes are expensive. */
function writingOf(recipe: Sheet, held: boolean, own: readonly OwnLetter[]): Writing {
  const { hand, school, zones, width, penAngle, slope, ratioUnit, writing } = recipe;
  const letters = own.length > 0 && numbered(own);
  const key = JSON.stringify([
    hand,
    school,
    zones,
    width,
    penAngle,
    slope,
    ratioUnit,
    writing,
    held,
    letters,
  ]);
  return kept(key, () => newWriting(recipe, held, own));
}

function newWriting(recipe: Sheet, held: boolean, own: readonly OwnLetter[]): Writing {
  const hand = handOf(recipe);
  const { penAngle, slope } = recipe;
  const zones = letterZones(recipe);
  const setting = { zones, penAngle, slope, pressed: pressedPen(recipe) };
  const face = recipeTypeface(recipe, { held, own });
  return {
    face,
    pen: face?.pen ?? penOf(hand, setting, { edge: edgeOf(recipe), held }),
    zones,
    measures: measuresOf(hand, setting),
    figures: new Map(),
  };
}
