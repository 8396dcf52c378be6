import type { CautionId } from './cautions';
import type { ItemKind } from './itemKinds';
import type { KindOfTool } from './kinds/kind';
import { toolOf } from './kinds/registry';

/** What is done when something happens on the good sheet: one step, at once (common teaching). */
export interface Rescue<Id extends string = string> {
  readonly id: Id;
  /** What has happened, as it is looked for. */
  readonly name: string;
  readonly what: string;
  readonly why: string;
  readonly not?: string;
  readonly caution?: CautionId;
  /** Whether it can happen with a tool of this kind. */
  readonly of: (tool: KindOfTool) => boolean;
}

const inks = ({ supply }: KindOfTool) => supply !== 'none';

const DECLARED = [
  {
    id: 'split',
    name: 'a shade split into two rails',
    what: 'Dip, set the point where the shade was still whole, and write it once more while the rails are wet.',
    why: 'Wet ink closes up; over dry ink a second layer shows.',
    not: 'Do not fill it from the side with the tip.',
    of: ({ tines }) => tines === true,
  },
  {
    id: 'drop',
    name: 'a drop on the sheet',
    what: 'Touch it with the corner of blotting paper until that has drunk, and lift straight up.',
    why: 'The corner draws ink from the top; what lies beneath dries flat.',
    not: 'Do not rub and do not press: both spread it.',
    of: (tool) => inks(tool) && !tool.never.includes('blob'),
  },
  {
    id: 'fibre',
    name: 'a fibre in the slit',
    what: 'Stop at the end of the stroke, and draw a strip of paper through the slit, away from the point.',
    why: 'A fibre paints a second line beside every stroke.',
    not: 'Do not pull it with the fingers: tines spring.',
    caution: 'sharp',
    of: ({ slit }) => slit === true,
  },
  {
    id: 'gap',
    name: 'a stroke that skipped',
    what: 'Load the pen, begin on the ink before the gap, and write through it once, at the same angle.',
    why: 'A gap that is painted from side to side keeps its edges.',
    of: inks,
  },
  {
    id: 'wrong',
    name: 'ink in the wrong place',
    what: 'Let it dry through. On paper of 120 g/m² or more scrape it with a blade laid almost flat, a little at a time, and smooth the place with the back of a nail.',
    why: 'Wet, it is driven into the paper; dry, it lies on the size.',
    not: 'On thinner paper do not scrape: cover it with opaque white of the paper’s colour, or write the sheet again.',
    caution: 'knife',
    of: inks,
  },
  {
    id: 'feathering',
    name: 'the ink begins to feather',
    what: 'Finish the letter, wipe half the ink off the pen, and go on with less at a time.',
    why: 'How far ink runs depends on how much of it lies there.',
    of: (tool) => inks(tool) && !tool.never.includes('bleeds through'),
  },
  {
    id: 'touched',
    name: 'a hand in wet ink',
    what: 'Leave it until it is dry; then take off what lies outside the letter with a kneaded eraser.',
    why: 'Every wipe widens a wet smear.',
    not: 'Do not wipe.',
    of: inks,
  },
  {
    id: 'line',
    name: 'a wrong line',
    what: 'Press the kneaded eraser on it and lift; turn it, and press again.',
    why: 'Rubbing polishes graphite into the paper.',
    of: ({ supply }) => supply === 'none',
  },
] as const satisfies readonly Rescue[];

export type RescueId = (typeof DECLARED)[number]['id'];

/** Every rescue, the most urgent first. */
export const RESCUES: readonly Rescue<RescueId>[] = DECLARED;

/** What can happen while writing with a tool of this kind; nothing for what is no tool. */
export function rescuesFor(kind: ItemKind): readonly Rescue<RescueId>[] {
  const tool = toolOf(kind);
  return tool ? RESCUES.filter(({ of }) => of(tool)) : [];
}
