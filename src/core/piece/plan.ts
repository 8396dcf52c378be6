import { inkOf } from '../kit/inks/registry';
import type { Item } from '../kit/itemFormat';
import { type Mm, plain } from '../measure/units';
import { counted } from '../measure/words';
import { handOf } from '../setting/handOf';
import { lettersOf } from '../type/placed';
import type { Charged } from './dips';
import type { Laid } from './layout';
import type { Piece } from './piece';
import { type PenWork, penWork } from './written';

/** One step of the work, in the order it is done. */
export interface PlanStep {
  readonly kind: 'rule' | 'pencil' | 'write' | 'dry' | 'erase' | 'decorate';
  readonly text: string;
  readonly minutes: number;
}

export interface WorkingPlan {
  readonly steps: readonly PlanStep[];
  readonly minutes: number;
  /** Number of spare sheets for those that will be spoiled. */
  readonly spoiled: number;
  /** Ink laid, in ml. */
  readonly ink: number;
}

/** A scribe's pace. */
export interface Pace {
  /** Along a stroke, in mm a second. */
  readonly speed: number;
}

/** Speed of formal writing along the stroke, in mm per second (estimate, until a logbook gives a measured one). */
export const USUAL_PACE: Pace = { speed: 8 };
/** Lifting the pen and finding the next place; dipping and wiping; ruling a line; pencilling a mark: estimates. */
const SECONDS = { stroke: 0.6, dip: 6, rule: 20, mark: 4, motif: 12, tick: 2 } as const;
const SECONDS_A_MINUTE = 60;

/** Minutes until an ink of unknown kind can be touched on sized paper; longer on very smooth or coated ones: estimates. */
const USUAL_DRY = 10;
const SMOOTH_LONGER = 1.5;
/** Factor from touch-dry to dry through, before erasing. */
const BEFORE_ERASING = 3;
/** Factor for a left hand, which passes over what it wrote. */
const UNDER_A_HAND = 1.5;
/** Minutes to erase the pencil lines. */
const ERASING = 3;

/** Number of letters in which, on average, one slip spoils a sheet (estimate). */
const LETTERS_A_SLIP = 250;

export interface Supplies {
  readonly ink?: Pick<Item, 'inkKind'>;
  readonly paper?: Pick<Item, 'surface' | 'tone'>;
  readonly tools?: ReadonlyMap<string, Charged>;
}

/** Minutes one colour takes to dry. */
export function dryingMinutes({ ink, paper }: Supplies): number {
  const base = inkOf(ink?.inkKind)?.dries ?? USUAL_DRY;
  return base * (paper?.surface === 'very smooth' ? SMOOTH_LONGER : 1);
}

const inMinutes = (seconds: number) => seconds / SECONDS_A_MINUTE;

/** Minutes the pen is at work: along its strokes, between them, and at the ink. */
export const writingMinutes = ({ length, strokes, dips }: PenWork, { speed }: Pace = USUAL_PACE): number =>
  inMinutes(length / speed + strokes.length * SECONDS.stroke + (dips?.dips.length ?? 0) * SECONDS.dip);

/**
 * Order of writing in which no hand lies in wet ink: the main colour first, from the top down; a right hand works from the left, a left
 * hand keeps a clean sheet under it and lets each block dry before passing over it.
 */
export function workingPlan(laid: Laid, supplies: Supplies = {}, pace: Pace = USUAL_PACE): WorkingPlan {
  const { piece } = laid;
  const works = penWork(laid, supplies.tools);
  const colours = [
    ...new Map(works.map((work) => [work.colour, works.filter((w) => w.colour === work.colour)])).values(),
  ]
    // The colour with the most writing goes first: less of it can be smeared later.
    .sort((a, b) => total(b) - total(a));
  const onDark = supplies.paper?.tone === 'dark';
  const drying = dryingMinutes(supplies);
  const ruled = laid.lines.filter(({ number }) => number >= 0).length;
  const steps: PlanStep[] =
    ruled === 0
      ? []
      : [
          {
            kind: 'rule',
            text: onDark
              ? `Rule ${counted(ruled, 'line')} on the paper itself with a white pencil, by the measures of the guide: no guide shows through dark paper.`
              : `Rule ${counted(ruled, 'line')}, from the guide or by hand.`,
            minutes: inMinutes(ruled * SECONDS.rule),
          },
          {
            kind: 'pencil',
            text: `Mark where each line begins and ends, lightly${onDark ? ' with the white pencil' : ''}, from the guide.`,
            minutes: inMinutes(ruled * 3 * SECONDS.mark),
          },
        ];
  for (const [i, group] of colours.entries()) {
    const pens = [...new Set(group.map(({ lines }) => penInWords(lines[0]?.block)))];
    steps.push({
      kind: 'write',
      text: `Write the ${i === 0 ? 'first' : (ORDINALS[i] ?? 'next')} colour with ${pens.join(' and ')}, from the top down${
        piece.side === 'left' ? ', a clean sheet under your hand' : ''
      }${namesLast(group) ? '; the address first, the name last' : ''}.`,
      minutes: group.reduce((sum, work) => sum + writingMinutes(work, pace), 0),
    });
    if (i < colours.length - 1) {
      steps.push({
        kind: 'dry',
        text: `Let it dry ${piece.side === 'left' ? 'well: a left hand passes over what it wrote' : 'before the next colour'}.`,
        minutes: drying * (piece.side === 'left' ? UNDER_A_HAND : 1),
      });
    }
  }
  if (ruled > 0)
    steps.push(
      {
        kind: 'dry',
        text: 'Let everything dry through before erasing.',
        minutes: drying * BEFORE_ERASING,
      },
      {
        kind: 'erase',
        text: 'Take the pencil away with a soft rubber, from the middle outwards.',
        minutes: ERASING,
      },
    );
  const decorated = decorationSeconds(laid);
  if (decorated > 0)
    steps.push({
      kind: 'decorate',
      text: 'Draw border and motifs last, on a clean page.',
      minutes: inMinutes(decorated),
    });
  const letters = laid.lines.reduce((sum, { set }) => sum + lettersOf(set).length, 0);
  const copies = Math.max(1, piece.rows.length);
  return {
    steps,
    minutes: steps.reduce((sum, { minutes }) => sum + minutes, 0),
    spoiled: Math.ceil((letters * copies) / LETTERS_A_SLIP),
    ink: works.reduce((sum, { ink }) => sum + ink, 0) * copies,
  };
}

/** On an envelope the small lines are set first, and the name takes the room that is left for it. */
const namesLast = (group: readonly PenWork[]): boolean => {
  const roles = new Set(group.flatMap(({ lines }) => lines.map(({ block }) => block.role)));
  return roles.has('name') && roles.has('address');
};

const ORDINALS = ['first', 'second', 'third', 'fourth'];

const total = (group: readonly PenWork[]) => group.reduce((sum, { area }) => sum + area, 0);

const penInWords = (block: Piece['blocks'][number] | undefined): string =>
  block ? `${plain(block.setting.width)} mm for ${handOf(block.setting).name}` : '';

/** Perimeter over spacing: ticks; a rule is drawn at the pace of ruling. */
function decorationSeconds({ piece, page }: Laid): number {
  const { border, scatter } = piece;
  const around: Mm = 2 * (page.width + page.height - 4 * border.inset);
  const edges =
    border.kind === 'ticks'
      ? (around / border.spacing) * SECONDS.tick
      : border.kind === 'none'
        ? 0
        : SECONDS.rule * (border.kind === 'double rule' ? 8 : 4);
  return edges + (scatter.motif === 'none' ? 0 : scatter.count * SECONDS.motif);
}

/** Steps of several pieces worked on together, in minutes: each step is done for all of them, and they dry at the same time. */
export const stepsFor = (steps: readonly PlanStep[], many: number): readonly PlanStep[] =>
  steps.map((step) => (step.kind === 'dry' ? step : { ...step, minutes: step.minutes * many }));
