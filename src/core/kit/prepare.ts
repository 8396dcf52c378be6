import { lookUp } from '../measure/lookUp';
import { plain } from '../measure/units';
import { inkOf } from './inks/registry';
import type { Item } from './item';
import type { Kit } from './judgeKit';
import { toolOf } from './kinds/registry';
import type { Need } from './need';
import { anyPaperServes, isDipped, isMetal, mayBeCoated, takesHolder, vesselOf } from './rules/traits';
import type { Step } from './step';

/** Wetness of 5 that an ink is taken to have, and up to which it is thinned before it is dipped. */
const USUAL_WETNESS = 3;
const DRY_INK = 2;

/** What is done to an ink before it goes into this tool. */
function inkReady(tool: Item, ink: Item): Step[] {
  const vessel = vesselOf(tool.kind);
  const kind = inkOf(ink.inkKind);
  if (kind?.mixed && vessel) {
    const how = vessel === 'plates' ? 'water until it is as thin as milk' : kind.thinnedWith;
    return [
      {
        id: 'mix',
        what: `In a separate pot, mix it with ${how}.`,
        why: 'Thicker does not leave the pen, thinner rubs off.',
        caution: 'pigment',
      },
    ];
  }
  if (kind?.wantsGum && (vessel === 'steel' || vessel === 'cane')) {
    return [
      {
        id: 'gum',
        what: 'Pour a little into a separate pot and add one drop of gum arabic.',
        why: 'Dye ink is thin for a nib that is dipped, and pulls together.',
        not: 'Never thin or bind in the stock bottle.',
      },
    ];
  }
  if (isDipped(tool.kind) && (ink.wetness ?? USUAL_WETNESS) <= DRY_INK) {
    return [
      {
        id: 'thin',
        what: `Thin it with ${kind?.thinnedWith ?? 'distilled water'}, drop by drop, in a separate pot.`,
        why: 'An ink this dry drags and splits shades.',
        not: 'Never thin in the stock bottle.',
      },
    ];
  }
  return [];
}

/** The checklist for a kit, in order, made from its facts. */
export function preparation(need: Need, { tool, holder, ink, paper }: Kit): Step[] {
  const steps: Step[] = [];
  const add = (id: string, what: string, why: string, more: Partial<Step> = {}) =>
    steps.push({ id, what, why, ...more });
  const steel = takesHolder(tool.kind);
  if (steel && mayBeCoated(tool)) {
    const known = tool.coated === true || tool.drop === 'beads';
    add(
      'coating',
      `${known ? 'Take' : 'If it is new, take'} the coating off: toothpaste or dish soap and a soft brush, then rinse and dry. A drop of water on it spreads when the coating is off; if it beads, an alcohol wipe, then again.`,
      'A new nib is coated against rust, and ink runs off the coating.',
      {
        not: 'Do not burn it off (a second too long ruins the temper) and do not lick it (inks and pigments can be toxic).',
        caution: 'solvent',
      },
    );
  }
  if (steel && holder) {
    add(
      'seat',
      `Hold the nib far back and push it into “${holder.label}” until it is firm${holder.holderType === 'oblique' ? '; set the flange so that the point meets the line of the shaft’s axis' : ''}.`,
      'A loose nib turns under pressure.',
      { not: 'Never push by the tines: crossed or sprung tines do not recover.', caution: 'sharp' },
    );
  }
  if (tool.reservoir) {
    add(
      'reservoir',
      'Slip the reservoir ½–1 mm behind the tip.',
      'Closer floods the edge; farther starves it.',
    );
  }
  const kindOfPen = toolOf(tool.kind);
  if (kindOfPen?.held) add('hold', kindOfPen.held, 'Each tool has its own grip.');
  steps.push(...(kindOfPen?.prepare?.(tool) ?? []));
  if (ink) steps.push(...inkReady(tool, ink));
  if (ink && isDipped(tool.kind)) {
    const own = kindOfPen?.loading;
    if (own) add('load', own.what, own.why);
    else
      add(
        'load',
        need.schools.loading === 'dip'
          ? 'Dip to just above the eye, shake once, touch the rim.'
          : 'Brush ink under the nib, and wipe its top.',
        need.schools.loading === 'dip'
          ? 'Others brush the ink under the nib: less waste, cleaner hairlines.'
          : 'Others dip and shake: quicker, and no brush to wash.',
      );
  }
  if (paper?.sizing === 'unsized' && !anyPaperServes(tool.kind)) {
    add('paper', `Try a line on a corner of “${paper.label}”.`, 'Unsized paper can feather at once.');
  }
  add(
    'test',
    kindOfPen?.test?.(tool) ??
      `Test: a zigzag at the working angle${tool.width === null ? '' : `, and ten steps of the nib ladder (${plain(10 * tool.width, 1)} mm)`}.`,
    'What is wrong shows here and not on the good sheet.',
  );
  const inkKind = inkOf(ink?.inkKind);
  if (inkKind?.neverWith) {
    add('alone', `Keep ${inkKind.id} ink by itself.`, 'Not every ink bears another.', {
      not: `Never bring it together with ${inkKind.neverWith}.`,
    });
  }
  if (inkKind?.sets || (inkKind?.corrodes && isMetal(tool.kind))) {
    add(
      'rinse',
      'Keep water at hand and rinse the tool the moment you stop.',
      'Dried, this ink stays or eats the steel.',
      {
        caution: 'disposal',
      },
    );
  }
  add(
    'body',
    'Sit tall, shoulders down, page turned; move the arm.',
    'Cramp comes before tiredness is felt.',
    { caution: 'pain' },
  );
  return steps;
}

/** What a kit still needs before it writes, in a few words; the full list is `preparation`. */
const SHORT: Readonly<Record<string, string>> = {
  coating: 'take the coating off',
  reservoir: 'set the reservoir',
  cut: 'trim the edge',
  mix: 'mix the ink',
  gum: 'bind the ink with gum',
  bind: 'bind the pencils',
  thin: 'thin the ink',
  prime: 'prime the pen',
};

/** A step of a preparation in a few words; undefined for those that are done every time. */
export const stepWords = (id: string): string | undefined => lookUp(SHORT, id);

export const stillToDo = (need: Need, kit: Kit): string[] =>
  preparation(need, kit).flatMap(({ id }) => lookUp(SHORT, id) ?? []);
