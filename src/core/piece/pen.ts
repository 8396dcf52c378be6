import { lookUp } from '../measure/lookUp';
import type { Mm } from '../measure/units';
import { Problem } from '../problem/problem';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import { lineSystem, moduleLength } from '../setting/lineSystem';
import type { Setting } from '../setting/setting';
import { letterUnit, recipeTypeface } from '../setting/settingFace';
import type { Typeface } from '../type/face';
import type { Block } from './piece';

/** The scribe's own letters, hand by hand. */
export type Own = Readonly<Partial<Record<string, readonly OwnLetter[]>>>;

/** What a block is written with, at its true size. */
export interface BlockPen {
  readonly face: Typeface;
  /** Length of a letter unit. */
  readonly unit: Mm;
  /** Height of the body, or of the capitals of a hand without one. */
  readonly body: Mm;
  /** Reach of the zones above and below the baseline, and the distance between baselines. */
  readonly above: Mm;
  readonly below: Mm;
  readonly pitch: Mm;
}

/**
 * The pen of a block.
 * @throws Problem when its hand has no letters.
 */
export function blockPen({ setting, capitals, leading }: Block, own: Own = {}): BlockPen {
  const hand = handOf(setting);
  const face = recipeTypeface(setting, { own: lookUp(own, setting.hand) ?? [] });
  if (!face) {
    throw new Problem(
      'hand',
      `The letters of ${hand.name} are not drawn yet; choose a hand that has letters.`,
    );
  }
  const module = moduleLength(setting, setting.width);
  const capitalsOnly = capitals || setting.capitalsOnly || hand.capitalsOnly;
  const zones = lineSystem({ zones: setting.zones, capitalsOnly, shareZones: false });
  const height = capitalsOnly && setting.zones.capital > 0 ? setting.zones.capital : setting.zones.body;
  return {
    face,
    unit: letterUnit(setting),
    body: height * module,
    above: zones.above * module,
    below: zones.below * module,
    pitch: Math.max(LEAST_PITCH * height, zones.pitch + leading) * module,
  };
}

/** Minimum distance of lines, in heights of their letters, however small the leading. */
const LEAST_PITCH = 0.6;

/** Names a pen as it lies on the desk: one hand with one nib. */
export const penKey = ({ hand, width }: Pick<Setting, 'hand' | 'width'>): string => `${hand} ${width}`;
