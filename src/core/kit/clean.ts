import type { CautionId } from './cautions';
import type { Rinsing } from './inks/kind';
import { inkOf } from './inks/registry';
import type { Kit } from './judgeKit';
import { toolOf } from './kinds/registry';
import { isDipped, takesHolder } from './rules/traits';
import type { Step } from './step';

const UNKNOWN_INK: Rinsing = {
  soon: 'At once',
  rinse: 'in clean water with a soft brush',
  why: 'The kind of ink is not known; the careful way harms none.',
};

/** What to clean when the writing stops, of this tool with this ink: with what, and how soon. */
export function cleaning({ tool, holder, ink }: Pick<Kit, 'tool' | 'holder' | 'ink'>): Step[] {
  const steps: Step[] = [];
  const add = (id: string, what: string, why: string, caution?: CautionId) =>
    steps.push({ id, what, why, ...(caution && { caution }) });
  const putAway = toolOf(tool.kind)?.putAway ?? [];
  if (isDipped(tool.kind)) {
    const { soon, rinse, why, caution } = inkOf(ink?.inkKind)?.rinsing ?? UNKNOWN_INK;
    add('rinse', `${soon}: rinse “${tool.label}” ${rinse}.`, why, caution ?? 'disposal');
    if (tool.reservoir)
      add('reservoir', 'Slip the reservoir off and rinse it by itself.', 'Ink dries between it and the nib.');
    steps.push(...putAway);
    if (takesHolder(tool.kind) && holder) {
      add(
        'unseat',
        `Take the nib out of “${holder.label}”.`,
        'Water stays in the socket: the nib rusts fast and the wood swells.',
        'sharp',
      );
    }
  } else {
    steps.push(...putAway);
  }
  if (ink && isDipped(tool.kind))
    add(
      'close',
      `Close “${ink.label}”; pour nothing back into it.`,
      'What was in the pot has dust and other ink in it.',
    );
  return steps;
}
