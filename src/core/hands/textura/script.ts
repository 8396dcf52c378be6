import { edgeAccents } from '../../hand/broad/edgeAccents';
import type { Letter, Mark, Measures } from '../../hand/letter';
import { family } from '../../hand/notation';
import type { Script } from '../../hand/script';
import type { NibWidths } from '../../measure/units';
import { texturaDrills } from './drills';
import { ascenders } from './letters/ascenders';
import { bows } from './letters/bows';
import { breaks } from './letters/breaks';
import { capitals } from './letters/capitals';
import { texturaFigures } from './letters/figures';
import { texturaMarks } from './letters/marks';
import { minims } from './letters/minims';
import { pairs } from './letters/pairs';
import { texturaParts } from './parts';

/** The whole alphabet, family by family as it is taught. */
function letters(m: Measures): Letter[] {
  const parts = texturaParts(m);
  const capital = capitals(parts);
  return [
    ...family('minims', minims(parts)),
    ...family('bows', bows(parts)),
    ...family('ascenders', ascenders(parts)),
    ...family('breaks', breaks(parts)),
    ...family('crescents', capital.round),
    ...family('roofs', capital.roofed),
    ...family('flags', capital.flagged),
    ...family('pairs', pairs(parts)),
    ...family('figures', texturaFigures(parts)),
    ...family('marks', texturaMarks(parts)),
  ];
}

function texturaAccents(m: Measures): Mark[] {
  const { turn } = texturaParts(m);
  return edgeAccents(m, { usual: turn.bar, stroke: 0, slash: 0 });
}

/** Additional space that diamonds need between letters, compared with stems inside a letter. */
const DIAMOND_ROOM: NibWidths = 0.08;

/** Small letters stand stem after stem, all whites alike. */
const byStems = (before: Letter, after: Letter, { d }: Measures): NibWidths | undefined =>
  before.shades && after.shades && before.shades[1] - after.shades[0] + d + DIAMOND_ROOM;

/** A right bow before a left bow: they share one stroke. */
const RIGHT_BOWS = 'bdop';
const LEFT_BOWS = 'cdegoq';
const sharedBow = (before: Letter, after: Letter): NibWidths | undefined =>
  before.shades && after.shades && RIGHT_BOWS.includes(before.text) && LEFT_BOWS.includes(after.text)
    ? before.shades[1] - after.shades[0]
    : undefined;

export const script: Script = {
  letters,
  marks: texturaAccents,
  spacing: {
    white: 0.2,
    capitalWhite: 0.24,
    depth: 0.5,
    leastGap: 0.1,
    clear: 0.3,
    wordSpace: 0.36,
  },
  pitch: byStems,
  fuse: sharedBow,
  kerning: [],
  // No hairline joins letters; bows that meet share their stroke.
  join: () => undefined,
  drills: texturaDrills,
};
