import type { CautionId } from './cautions';
import type { Item } from './item';
import type { Kit } from './match';
import { isDipped, takesHolder, takesInk } from './rules';

/** One thing to do when the writing stops, in order. */
export interface CleaningStep {
  readonly id: string;
  readonly what: string;
  readonly why: string;
  readonly caution?: CautionId;
}

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
  why: 'What kind of ink it is is not known; the careful way harms none.',
};

/** What to clean when the writing stops, of this tool with this ink: with what, and how soon. */
export function cleaning({ tool, holder, ink }: Pick<Kit, 'tool' | 'holder' | 'ink'>): CleaningStep[] {
  const steps: CleaningStep[] = [];
  const add = (id: string, what: string, why: string, caution?: CautionId) =>
    steps.push({ id, what, why, ...(caution && { caution }) });
  if (tool.kind === 'pencils') {
    add(
      'cap',
      'Untape them, sharpen, and keep the slip of card with them.',
      'The next page begins with sharp points.',
    );
    return steps;
  }
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
    if (tool.kind === 'quill') {
      add('dry', 'Shake it dry and lay it flat; do not stand it in water.', 'Barrel and edge go soft.');
    } else if (tool.kind === 'glass-pen') {
      add(
        'dry',
        'Draw it over a damp cloth, turning it, and lay it where it cannot roll.',
        'Its grooves hold ink, and it breaks.',
        'sharp',
      );
    } else {
      add(
        'dry',
        'Dry it on a cloth that leaves no lint, and let it lie open until tomorrow.',
        'Damp steel rusts.',
      );
    }
    if (takesHolder(tool.kind) && holder) {
      add(
        'unseat',
        `Take the nib out of “${holder.label}”.`,
        'Water stays in the socket: the nib rusts fast and the wood swells.',
        'sharp',
      );
    }
  } else if (tool.kind === 'brush-pen') {
    add(
      'cap',
      'Wipe the tip on scrap until it is clean, bring it to a point, cap it, lay it flat.',
      'A tip that dries bent stays bent.',
    );
  } else if (tool.kind === 'felt-marker') {
    add(
      'cap',
      'Press the edge flat on scrap, cap it until it clicks, lay it flat.',
      'The edge dries first, and its corners flare.',
    );
  } else if (takesInk(tool.kind) || tool.kind === 'cartridge-pen' || tool.kind === 'plate-pen') {
    add('cap', 'Wipe the nib, cap it, keep it level.', 'An open feed dries within minutes.');
    add(
      'flush',
      'At every change of ink, and each month: flush with lukewarm water until it runs clear.',
      'Old ink in the feed is why a pen skips.',
    );
  }
  if (ink && isDipped(tool.kind))
    add(
      'close',
      `Close “${ink.label}”; pour nothing back into it.`,
      'What was in the pot has dust and other ink in it.',
    );
  return steps;
}
