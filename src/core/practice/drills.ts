import type { ToolFamily } from '../hand/hand';
import { handOf } from '../setting/handOf';
import type { Sheet } from '../sheet/sheet';
import { type Built, type Drill, EASY_BEAT } from './drills/drill';
import { angleLadder, brokenStrokes, diamonds, serifs } from './drills/edge';
import { contourHatching, hatching } from './drills/hatching';
import { ovals, ovalsBack, runningOvals } from './drills/ovals';
import { diagonals, pushPulls, ramps, stems, zigzag } from './drills/straight';
import { arches, compounds, cups, descendingLoops, loops, overTurns, underTurns, wave } from './drills/turns';
import type { Ground } from './ground';

const ANY: readonly ToolFamily[] = ['broad', 'pointed', 'brush', 'monoline'];
const PRESSED: readonly ToolFamily[] = ['pointed', 'brush'];
/** Pointed hands have turns where others have arches. */
const UNTURNED: readonly ToolFamily[] = ['broad', 'brush', 'monoline'];
const UNEDGED: readonly ToolFamily[] = ['pointed', 'brush', 'monoline'];

export const DRILLS = [
  {
    id: 'zigzag',
    name: 'Zigzag',
    tools: ANY,
    build: zigzag,
    remark: 'Thin up, thick down; every thin the same way.',
  },
  {
    id: 'stems',
    name: 'Stems',
    tools: ANY,
    build: stems,
    remark: 'Parallel, and as far apart as the stems of n.',
  },
  {
    id: 'diagonals',
    name: 'Diagonals',
    tools: ANY,
    build: diagonals,
    remark: 'Falling right, then falling left with the pen a little steeper.',
  },
  {
    id: 'waves',
    name: 'Waves',
    tools: ANY,
    build: wave,
    remark: 'One unbroken line; the pen does not turn.',
  },
  {
    id: 'arches',
    name: 'Arches',
    tools: UNTURNED,
    build: arches,
    remark: 'Up inside the stem before it parts; all the whites alike.',
  },
  { id: 'cups', name: 'Cups', tools: UNTURNED, build: cups, remark: 'Arches on their head: the u.' },
  {
    id: 'under-turns',
    name: 'Under-turns',
    tools: UNEDGED,
    build: underTurns,
    remark: 'Press down, let go before the turn, up on the hairline.',
  },
  {
    id: 'over-turns',
    name: 'Over-turns',
    tools: UNEDGED,
    build: overTurns,
    remark: 'Up on the hairline, over, and press only when the way is straight down.',
  },
  {
    id: 'compound-curves',
    name: 'Compound curves',
    tools: UNEDGED,
    build: compounds,
    remark: 'Over, down, under, in one breath.',
  },
  {
    id: 'ovals',
    name: 'Ovals, anticlockwise',
    tools: ANY,
    build: ovals,
    remark: 'Every round letter of the hand has this shape.',
  },
  {
    id: 'ovals-back',
    name: 'Ovals, clockwise',
    tools: ANY,
    build: ovalsBack,
    remark: 'The other way round: for bowls on the right of a stem.',
  },
  {
    id: 'loops',
    name: 'Ascending loops',
    tools: UNEDGED,
    build: loops,
    remark: 'Thin up, thick down, and the loop stays open.',
  },
  {
    id: 'descending-loops',
    name: 'Descending loops',
    tools: UNEDGED,
    build: descendingLoops,
    remark: 'Thick down, thin up, crossing on the baseline.',
  },
  {
    id: 'push-pulls',
    name: 'Push-pulls',
    tools: ['pointed'],
    build: pushPulls,
    beat: EASY_BEAT,
    remark: 'From the whole arm, without pressure or lifting.',
  },
  {
    id: 'running-ovals',
    name: 'Running ovals',
    tools: ['pointed'],
    build: runningOvals,
    beat: EASY_BEAT,
    remark: 'From the whole arm, without pressure or lifting: each turn over the last, moved on a little.',
  },
  {
    id: 'pressure',
    name: 'Pressure ramp',
    tools: PRESSED,
    build: ramps,
    remark: 'From a hairline to the full shade, then swelling within one stroke.',
  },
  {
    id: 'serifs',
    name: 'Heads and feet',
    tools: ['broad'],
    build: serifs,
    remark: 'Hairline, wedge, diamond and slab: one kind a piece.',
  },
  {
    id: 'diamonds',
    name: 'Diamonds',
    tools: ['broad'],
    build: diamonds,
    remark: 'Set the whole edge down and pull its own width; then leave one out.',
  },
  {
    id: 'broken-strokes',
    name: 'Broken strokes',
    tools: ['broad'],
    build: brokenStrokes,
    remark: 'Down, and break off across the full edge; the same turned half round closes it.',
  },
  {
    id: 'angle-ladder',
    name: 'Angle ladder',
    tools: ['broad'],
    build: angleLadder,
    remark: 'One stroke, six angles: see what each does to its weight.',
  },
  {
    id: 'hatching',
    name: 'Hatching',
    tools: ANY,
    build: hatching,
    remark: 'As even as rain; then growing darker.',
  },
  {
    id: 'contour-hatching',
    name: 'Hatching along a contour',
    tools: ANY,
    build: contourHatching,
    remark: 'Lines that follow a round form.',
  },
] as const satisfies readonly Drill[];

export const drillById = (id: string): Drill | undefined => DRILLS.find((drill) => drill.id === id);

/** The drills a hand's tool can do. */
export const drillsFor = (recipe: Pick<Sheet, 'hand' | 'school'>): readonly Drill[] =>
  (DRILLS as readonly Drill[]).filter(({ tools }) => tools.includes(handOf(recipe).tool));

/** A drill as the hand does it: in its own way where it has one. */
export function buildDrill(drill: Drill, ground: Ground): Built {
  const own = ground.face?.script.drills?.(ground.measures)[drill.id];
  return own ? { strokes: own, pressed: true } : drill.build(ground);
}
