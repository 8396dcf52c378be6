import { inkOf } from './inks/registry';
import type { Item } from './item';
import type { ItemKind } from './itemKinds';
import type { Kit } from './judgeKit';
import { toolOf } from './kinds/registry';
import { isDipped, mayBeCoated } from './rules/traits';
import { SEEN, type Seen } from './seen';

/** What can go wrong with a kind of tool. */
export const seenWith = (kind: ItemKind): readonly Seen[] =>
  SEEN.filter((seen) => !toolOf(kind)?.never.includes(seen));

/** Causes that lie in ink or a worn edge, or in a nib in a holder: tools without them cannot have those. */
const OF_INK = [
  'dried',
  'dry',
  'thick',
  'thin',
  'overloaded',
  'reservoir',
  'paper',
  'hand',
  'worn',
  'thinPaper',
  'wide',
];
/** Causes that lie in the pressure on a point: an edge makes thick and thin by itself. */
const OF_A_POINT = ['even'];
/** Causes that lie in an ink that was chosen or mixed. */
const OF_CHOSEN_INK = ['thick', 'thin'];
const OF_A_NIB = ['coating', 'seat', 'sprung', 'press', 'reservoir', 'tines'];
/** Causes that lie in an edge: a point has neither corners nor a pen angle, and no reservoir either. */
const OF_AN_EDGE = ['corner', 'drift', 'worn', 'reservoir', 'ruling', 'wide'];
/** Symptoms of the scribe, which nib, ink and paper do not cause. */
export const OF_THE_SCRIBE: readonly Seen[] = ['slope wanders', 'line off centre', 'cramp'];
/** Whether this cause is impossible with such a tool. */
export function impossible(kind: ItemKind, cause: string): boolean {
  const tool = toolOf(kind);
  return (
    (tool?.supply === 'none' && OF_INK.includes(cause)) ||
    (tool?.supply === 'own' && OF_CHOSEN_INK.includes(cause)) ||
    ((tool === undefined || tool.edge === 'point') && OF_AN_EDGE.includes(cause)) ||
    (tool?.edge !== 'point' && OF_A_POINT.includes(cause)) ||
    (!tool?.slit && OF_A_NIB.includes(cause))
  );
}

const hasTines = ({ kind }: Item): boolean => toolOf(kind)?.tines === true;
const driesHard = (ink: Item | undefined): boolean => {
  const kind = inkOf(ink?.inkKind);
  return kind?.sets === true || kind?.mixed === true;
};
const floods = ({ kind }: Item): boolean => (toolOf(kind)?.flood ?? 1) > 1;

export interface Cause {
  readonly id: string;
  readonly name: string;
  readonly cure: string;
  /** The cure for a pen that holds its own supply, where that is another. */
  readonly cureFed?: string;
  /** The cure for a pen with its own ink for life. */
  readonly cureOwn?: string;
  /** Likelihood of the cause for each symptom, 0 to 1; absent means almost never. */
  readonly seen: Readonly<Partial<Record<Seen, number>>>;
  /** How a kit and its history change its odds. */
  readonly odds?: (kit: Kit) => number;
}

/** Hours of writing after which a first coating is gone. */
const WRITTEN_OFF = 3;
/** What to do for a cause, with the tool that is in hand. */
export function cureOf({ id, cure, cureFed, cureOwn }: Cause, kind: ItemKind): string {
  const tool = toolOf(kind);
  if (id === 'dried' && tool?.restart) return tool.restart;
  if (cureOwn !== undefined && tool?.supply === 'own') return cureOwn;
  return cureFed !== undefined && !isDipped(kind) ? cureFed : cure;
}

/** Likelihood of a cause that is almost never behind a symptom. */
export const never = 0.02;
/** A holder thinner than this, in mm, is gripped harder (common teaching value). */
const THIN_GRIP = 8;
const is = (condition: boolean | undefined, more: number, less = 1) => (condition ? more : less);
const worn = ({ wear, hours }: Item) => (wear === 'worn out' ? 6 : wear === 'some' || hours > 40 ? 2 : 0.5);

export const CAUSES: readonly Cause[] = [
  {
    id: 'coating',
    name: 'the nib’s coating is still on',
    cure: 'Clean it again: soap and a soft brush, then alcohol.',
    seen: { 'will not start': 0.8, beads: 0.9, skipping: 0.3 },
    // A nib that has written for hours has lost its first coating, whatever the bench says.
    odds: ({ tool }) =>
      tool.drop === 'beads'
        ? 9
        : !mayBeCoated(tool) || tool.hours >= WRITTEN_OFF
          ? 0.1
          : tool.coated === true
            ? 6
            : is(tool.hours < 1, 2),
  },
  {
    id: 'dried',
    name: 'ink has dried in the pen',
    cure: 'Warm water and a soft brush.',
    cureFed: 'Flush it with lukewarm water until that comes out clear.',
    seen: { 'will not start': 0.7, skipping: 0.5, 'two rails': 0.3 },
    odds: ({ tool, ink }) => is(driesHard(ink), 2) * is(tool.hours > 2, 1.5),
  },
  {
    id: 'seat',
    name: 'the nib is not seated firmly',
    cure: 'Push it in until it is firm, holding it far back.',
    seen: { 'will not start': 0.3, skipping: 0.5, 'ragged edge': 0.3 },
    odds: ({ holder }) => is(holder !== undefined && holder.fitsRadiusTo === null, 2),
  },
  {
    id: 'dry',
    name: 'the pen ran dry',
    cure: 'Dip before long shades; plan dips at the ends of strokes.',
    cureFed: 'Refill it, and hold it tip down for a minute.',
    cureOwn: 'Lay it tip down for a night; if it stays pale it is used up.',
    seen: { 'two rails': 0.8, skipping: 0.5, 'will not start': 0.3 },
    odds: ({ tool }) => is(tool.reservoir === false || hasTines(tool), 2),
  },
  {
    id: 'press',
    name: 'it is pressed beyond what the ink can fill',
    cure: 'Less pressure, slower.',
    seen: { 'two rails': 0.7, 'ragged edge': 0.3 },
    odds: ({ tool }) => is(hasTines(tool), 2, 0.4),
  },
  {
    id: 'even',
    name: 'it is pressed as much on the way up as on the way down',
    cure: 'Press on the way down only, and let go before the turn; draw a row of shades first.',
    seen: { 'no thick and thin': 0.8 },
    odds: ({ tool }) => is(tool.flex === 'stiff', 1.5),
  },
  {
    id: 'thick',
    name: 'the ink is too thick',
    cure: 'Thin it, drop by drop, in a separate pot.',
    cureFed: 'Take a thin dye ink, made for such a pen.',
    seen: { 'two rails': 0.5, 'will not start': 0.6, skipping: 0.6 },
    odds: ({ ink }) => is((ink?.wetness ?? 3) <= 2, 2.5) * is(inkOf(ink?.inkKind)?.mixed, 2),
  },
  {
    id: 'sprung',
    name: 'the tines are sprung or crossed',
    cure: 'A new nib: sprung tines do not recover.',
    seen: { 'two rails': 0.5, 'ragged edge': 0.6, skipping: 0.5, 'ragged on one side': 0.5 },
    odds: ({ tool }) => is(hasTines(tool), 1.5, 0.3) * worn(tool),
  },
  {
    id: 'overloaded',
    name: 'too much ink on the pen',
    cure: 'Shake once, touch the rim.',
    cureFed: 'Touch the tip to a rag, and write a line on scrap.',
    seen: { blob: 0.9, smears: 0.3, 'heavy all over': 0.2, 'bleeds through': 0.4 },
  },
  {
    id: 'reservoir',
    name: 'the reservoir is too near the tip',
    cure: 'Slip it back to ½–1 mm behind the tip.',
    seen: { blob: 0.6, 'heavy all over': 0.3 },
    odds: ({ tool }) => is(tool.reservoir === true, 2, 0.1),
  },
  {
    id: 'thin',
    name: 'the ink is too thin',
    cure: 'A drop of gum arabic, in a separate pot.',
    seen: { blob: 0.6, 'ragged edge': 0.5, beads: 0.1, 'bleeds through': 0.5 },
    odds: ({ ink }) => is((ink?.wetness ?? 3) >= 4, 2) * is(inkOf(ink?.inkKind)?.wantsGum, 1.5),
  },
  {
    id: 'paper',
    name: 'the paper drinks',
    cure: 'A harder-sized paper, a smaller nib, or less ink.',
    seen: { 'ragged edge': 0.9, 'heavy all over': 0.4, 'bleeds through': 0.9, 'ragged on one side': 0.1 },
    odds: ({ paper }) => (paper?.sizing === 'unsized' ? 5 : paper?.sizing === 'hard' ? 0.2 : 1),
  },
  {
    id: 'rough',
    name: 'the paper is rough',
    cure: 'A smoother sheet.',
    seen: { skipping: 0.7, 'ragged edge': 0.5 },
    odds: ({ paper }) => (paper?.surface === 'rough' ? 4 : paper?.surface === 'textured' ? 2 : 0.4),
  },
  {
    id: 'corner',
    name: 'only a corner of the edge touches',
    cure: 'Turn the pen until the whole edge lies on the paper.',
    seen: { skipping: 0.7, 'no thick and thin': 0.6, 'ragged edge': 0.4, 'ragged on one side': 0.9 },
    odds: ({ tool }) => is(!hasTines(tool), 1.5, 0.1),
  },
  {
    id: 'worn',
    name: 'the edge is worn, its corners flared',
    cure: 'Press a felt back into shape; replace a nib.',
    seen: { 'no thick and thin': 0.8, 'heavy all over': 0.4 },
    odds: ({ tool }) => worn(tool),
  },
  {
    id: 'drift',
    name: 'the pen angle drifts',
    cure: 'Lay the angle gauge beside the line.',
    seen: { 'no thick and thin': 0.6, 'black inside': 0.6 },
    odds: ({ tool }) => is(!hasTines(tool), 1.5, 0.2),
  },
  {
    id: 'ruling',
    name: 'the ruling does not match the nib',
    cure: 'Measure the nib by a ladder, and rule again.',
    seen: { 'heavy all over': 0.8, 'black inside': 0.5 },
    odds: ({ tool }) => is(tool.uncertainty === null, 1.5, 0.5),
  },
  {
    id: 'narrow',
    name: 'the letters are too narrow for the nib',
    cure: 'Open the counters; use the stroke’s own angle.',
    seen: { 'black inside': 0.8 },
  },
  {
    id: 'fingers',
    name: 'fingers write instead of the arm, or the page lies straight',
    cure: 'Turn the page, rule slope lines, move the arm.',
    seen: { 'slope wanders': 0.9 },
  },
  {
    id: 'thinPaper',
    name: 'the paper is thin',
    cure: 'A heavier sheet, from 90 g; or write on one side only.',
    seen: { 'bleeds through': 0.6 },
    odds: ({ paper }) => ((paper?.grams ?? 90) < 80 ? 3 : (paper?.grams ?? 90) >= 120 ? 0.2 : 1),
  },
  {
    id: 'wide',
    name: 'a wide, wet pen lays more ink than the paper takes',
    cure: 'A smaller nib, or less ink at a time.',
    seen: { 'bleeds through': 0.6, smears: 0.3 },
    odds: ({ tool }) => is(floods(tool), 4, is((tool.width ?? 0) >= 4, 2, 0.5)),
  },
  {
    id: 'tines',
    name: 'the tines do not lie along the stroke: one is pressed more than the other',
    cure: 'Turn the page, or the flange of the holder, until the slit points along the shade.',
    seen: { 'ragged on one side': 0.9, skipping: 0.2 },
    odds: ({ tool, holder }) => is(hasTines(tool), 2, 0.1) * is(holder?.holderType === 'straight', 1.5),
  },
  {
    id: 'guessed',
    name: 'the width of the line was guessed',
    cure: 'Write it once on scrap, measure it, and begin at half the difference; or let Piece lay it out.',
    seen: { 'line off centre': 0.9 },
  },
  {
    id: 'spread',
    name: 'letters grow wider, or closer, along the line',
    cure: 'Rule light marks at every word; keep the white inside and between letters the same.',
    seen: { 'line off centre': 0.5 },
  },
  {
    id: 'grip',
    name: 'the pen is gripped too hard',
    cure: 'Stop and rest. Hold it so that somebody could draw it out of your fingers. Pain is a reason to stop for today.',
    seen: { cramp: 0.9, 'slope wanders': 0.2 },
    odds: ({ holder }) => is((holder?.grip ?? THIN_GRIP) < THIN_GRIP, 1.5),
  },
  {
    id: 'seatedLow',
    name: 'you sit hunched, or the page lies too far away',
    cure: 'Sit tall, shoulders down, the page raised and near; look up at the end of every line.',
    seen: { cramp: 0.8, 'slope wanders': 0.3 },
  },
  {
    id: 'tooLong',
    name: 'too long without a pause',
    cure: 'Stand up every twenty minutes; ten good minutes teach more than an hour of tired ones.',
    seen: { cramp: 0.6, 'slope wanders': 0.2 },
  },
  {
    id: 'hand',
    name: 'the hand crosses wet ink',
    cure: 'Start at the other side, lay a guard sheet, wait.',
    seen: { smears: 0.9 },
  },
];
