import type { CautionId } from './cautions';
import type { Item } from './item';
import type { Kit } from './judgeKit';
import { toolOf } from './kinds/registry';
import { isDipped, takesHolder } from './rules/traits';
import type { Step } from './step';

type InkKind = NonNullable<Item['inkKind']>;

/** How soon an ink must be off a tool, and with what (common teaching values). */
const INKS: Readonly<Partial<Record<InkKind, { soon: string; rinse: string; why: string }>>> = {
  acrylic: {
    soon: 'At once, and every quarter of an hour while you write',
    rinse: 'in cold water with a little dish soap, before it dries',
    why: 'Dried acrylic is plastic: only a solvent takes it off.',
  },
  india: {
    soon: 'At once, and at every pause',
    rinse: 'in lukewarm water with a little ammonia-free glass cleaner or dish soap',
    why: 'Dried shellac stays in slit and reservoir.',
  },
  'iron gall': {
    soon: 'Within minutes',
    rinse: 'in plenty of clean water, then dry it well',
    why: 'Its acid eats steel.',
  },
  gouache: {
    soon: 'At every pause, and when you stop',
    rinse: 'in water with a soft brush, the underside too',
    why: 'Dried pigment chokes the slit; it softens again in water, given time.',
  },
  metallic: {
    soon: 'At every pause, and when you stop',
    rinse: 'in water with a soft brush until no glitter is left',
    why: 'The flakes settle in the slit and spoil the next ink.',
  },
  carbon: {
    soon: 'When you stop',
    rinse: 'in water with a soft brush',
    why: 'Dried carbon does not dissolve again.',
  },
  dye: {
    soon: 'When you stop',
    rinse: 'in clean water until it runs clear',
    why: 'It washes out, but crystals left in the slit hold the next dip back.',
  },
};
const UNKNOWN_INK = {
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
    const { soon, rinse, why } = (ink?.inkKind && INKS[ink.inkKind]) || UNKNOWN_INK;
    add(
      'rinse',
      `${soon}: rinse “${tool.label}” ${rinse}.`,
      why,
      ink?.inkKind === 'acrylic' ? 'solvent' : 'disposal',
    );
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
