import type { Zones } from '../hand/hand';
import { type Letter, type Measures, standsTall } from '../hand/letter';
import type { Script } from '../hand/script';
import type { NibWidths } from '../measure/units';
import { type Profile, topOf } from './profile';
import { closeness, distanceBetween, reach, type SpacingRule } from './spacing';

/** What kerning needs of a letter. */
interface Sided {
  readonly letter: Letter;
  readonly profile: Profile;
}

const isFigure = ({ letter }: Sided) => /\p{Nd}/u.test(letter.text);
const isTall = ({ letter }: Sided) => standsTall(letter);

const isDash = ({ letter }: Sided) => /^[-–]$/.test(letter.text);
/** White at either end of a hyphen or dash: it has no height for an area to be judged over. */
const DASH_WHITE: NibWidths = 0.7;

/**
 * Kerning of a hand, computed for each pair on first use: by its shades where the hand is spaced by them, else by the white between. A
 * minimum gap holds for every pair; the hand's own corrections and the white wanted beyond its own (`more`) are applied last and keep the
 * gap.
 */
export function pairDistances(
  script: Script,
  zones: Zones,
  measures: Measures,
  more: NibWidths = 0,
): (before: Sided, after: Sided) => NibWidths {
  const distances = new WeakMap<Sided, WeakMap<Sided, NibWidths>>();
  const overrides = new Map(script.kerning.map(({ before, after, add }) => [before + after, add]));
  const { white, capitalWhite, depth, leastGap, clear } = script.spacing;
  const ruleFor = (before: Sided, after: Sided): SpacingRule => {
    const capitals = isTall(before) && isTall(after);
    const tall = Math.min(zones.capital, Math.max(topOf(before.profile), topOf(after.profile)));
    const high = (capitals ? tall : zones.body) - clear;
    const share = capitals && !isFigure(before) && !isFigure(after) ? capitalWhite : white;
    return { area: share * zones.body * (high - clear), depth, leastGap, low: clear, high };
  };
  const judge = (before: Sided, after: Sided): NibWidths => {
    const add = overrides.get(before.letter.text + after.letter.text) ?? 0;
    const pitch = script.pitch?.(before.letter, after.letter, measures);
    const wanted =
      pitch ??
      (isDash(before) || isDash(after)
        ? reach(before.profile, after.profile, zones.body) + DASH_WHITE
        : distanceBetween(before.profile, after.profile, ruleFor(before, after)));
    return Math.max(wanted + add + more, leastGap - closeness(before.profile, after.profile));
  };
  return (before, after) => {
    let row = distances.get(before);
    if (!row) {
      row = new WeakMap();
      distances.set(before, row);
    }
    let distance = row.get(after);
    if (distance === undefined) {
      distance = judge(before, after);
      row.set(after, distance);
    }
    return distance;
  };
}
