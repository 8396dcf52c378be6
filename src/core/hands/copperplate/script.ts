import type { Letter, Measures, Script } from '../letter';
import { copperplateDrills } from './drills';
import { copperplateJoin } from './joins';
import { copperplateLetters } from './letters';

/** Distance of neighbouring shades over that within n, by how the next letter begins and how the last one ends. */
const PITCH: Readonly<Record<string, number>> = {
  minim: 1.1,
  oval: 1.1,
  turn: 1.32,
  loop: 1.12,
  eye: 1.06,
  rise: 1.2,
  'high rise': 1.22,
};
const HIGH_CLOSER = 0.9;
/** What lies between the last shade and the exit of letters that end in an up-stroke (b, v, w, o). */
const TALL = /[A-Z0-9]/;

function pitch(before: Letter, after: Letter, m: Measures): number | undefined {
  const [, last] = before.shades ?? [];
  const [first] = after.shades ?? [];
  if (last === undefined || first === undefined || TALL.test(before.text)) return undefined;
  const factor = PITCH[after.entry?.kind ?? ''];
  if (factor === undefined || before.exit === undefined || before.exit.kind === 'none') return undefined;
  const reach = before.exit.kind === 'high' ? Math.max(0, before.exit.x - last) * HIGH_CLOSER : 0;
  return last - first + factor * m.d + (before.exit.kind === 'high' ? reach - 0.35 * m.d : 0);
}

export const copperplateScript: Script = {
  drills: copperplateDrills,
  tool: 'pointed',
  letters: copperplateLetters,
  spacing: {
    white: 0.42,
    capitalWhite: 0.42,
    depth: 1.2,
    leastGap: 0.3,
    clear: 0.4,
    wordSpace: 1.05,
  },
  pitch,
  kerning: [],
  join: copperplateJoin,
};
