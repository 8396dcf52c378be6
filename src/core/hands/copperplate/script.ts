import { type Letter, type Measures, standsTall } from '../../hand/letter';
import { family } from '../../hand/notation';
import { pressedAccents } from '../../hand/pressed/accents';
import { marks } from '../../hand/pressed/marks';
import { pitchByInk } from '../../hand/pressed/pitch';
import type { Script } from '../../hand/script';
import { lookUp } from '../../measure/lookUp';
import type { NibWidths } from '../../measure/units';
import { capitalParts } from './capitalParts';
import { copperplateDrills } from './drills';
import { copperplateJoin } from './joins';
import {
  bowlCapitals,
  ovalCapitals,
  pointedCapitals,
  stemCapitals,
  turnedCapitals,
} from './letters/capitals';
import { compounds } from './letters/compounds';
import { capitalPairs, smallPairs } from './letters/extended';
import { figures } from './letters/figures';
import { looped } from './letters/loops';
import { others } from './letters/others';
import { ovals } from './letters/ovals';
import { underTurns } from './letters/underTurns';
import { copperplateParts } from './parts';

/** The whole alphabet, family by family as it is taught. */
function letters(m: Measures): Letter[] {
  const parts = copperplateParts(m);
  const capital = capitalParts(parts);
  return [
    ...family('under-turn', underTurns(parts)),
    ...family('compound', compounds(parts)),
    ...family('oval', ovals(parts)),
    ...family('loop', looped(parts)),
    ...family('others', others(parts)),
    ...family('pairs', smallPairs(parts)),
    ...family('capitals: oval', ovalCapitals(capital)),
    ...family('capitals: stem', stemCapitals(capital)),
    ...family('capitals: bowl', bowlCapitals(capital)),
    ...family('capitals: pointed', pointedCapitals(capital)),
    ...family('capitals: turned', turnedCapitals(capital)),
    ...family('capital pairs', capitalPairs(capital)),
    ...family('figures', figures(parts)),
    ...family('marks', marks(m)),
  ];
}

/** Distance of neighbouring shades over that within n, by how the next letter begins and how the last one ends. */
const PITCH: Readonly<Record<string, number>> = {
  minim: 1.1,
  oval: 1.1,
  turn: 1.32,
  loop: 1.12,
  eye: 1.06,
  rise: 1.34,
};
/** White after o, b, v, w, from their outermost ink to the next first shade. */
const afterHigh = pitchByInk({
  low: {},
  high: { minim: 1.75, oval: 1.4, turn: 2.25, loop: 1.95, eye: 1.5, 'high eye': 1.7, 'high rise': 2.15 },
});

/** Small letters by their shades; capitals and figures by the white. */
function pitch(before: Letter, after: Letter, m: Measures): NibWidths | undefined {
  const [, last] = before.shades ?? [];
  const [first] = after.shades ?? [];
  if (last === undefined || first === undefined || standsTall(before)) return undefined;
  if (before.exit === undefined || before.exit.kind === 'none') return undefined;
  if (before.exit.kind === 'high') return afterHigh(before, after, m);
  const factor = lookUp(PITCH, after.entry?.kind ?? '');
  return factor === undefined ? undefined : last - first + factor * m.d;
}

export const script: Script = {
  letters,
  marks: pressedAccents,
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
  drills: copperplateDrills,
};
