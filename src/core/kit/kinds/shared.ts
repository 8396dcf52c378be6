import type { Step } from '../step';
import { good, risk } from '../verdict';
import type { KindOfTool } from './kind';

/** The shank of a usual nib, in mm (common sizes). */
export const USUAL_SHANK = { shankRadius: 3.5, shankWidth: 5 };

export const EDGE_ON_SURFACE: KindOfTool['onSurface'] = [
  good(3, 'The edge glides on a sheet this smooth.'),
  good(5, 'A smooth sheet keeps edges sharp.'),
  risk(2, 'Texture breaks the edge a little.', 'Fine for large letters.'),
  risk(9, 'A rough sheet frays the edge.', 'Take a smoother paper.'),
];

/** A soft or brittle tip, named as a sentence goes on. */
export const tipOnSurface = (tip: string): KindOfTool['onSurface'] => [
  good(5, `A very smooth sheet spares the ${tip}.`),
  good(3, `A smooth sheet suits a ${tip}.`),
  risk(4, `Texture wears the ${tip} and breaks its line.`, 'Take a smoother paper.'),
  risk(10, `A rough sheet wears the ${tip} out.`, 'Take a smooth paper.'),
];

/** A hard tip, which no paper wears, named as a sentence goes on. */
export const hardTipOnSurface = (tip: string): KindOfTool['onSurface'] => [
  good(5, `A very smooth sheet lets the ${tip} glide.`),
  good(3, `A smooth sheet suits a ${tip}.`),
  risk(4, `Texture breaks the line of a ${tip}.`, 'Take a smoother paper.'),
  risk(10, `A rough sheet catches the ${tip}.`, 'Take a smooth paper.'),
];

export const EDGE_FOR_ONE_LINE = risk(
  8,
  'An edge writes thick and thin by itself, where one even line is wanted.',
  'Take a glass pen, a pencil or a stiff nib.',
);

/** What steel nibs are in a class, and elsewhere. */
export const dipNibSuits: NonNullable<KindOfTool['suits']> = ({ purpose }) =>
  purpose === 'class'
    ? risk(
        12,
        'Dip nibs and pots need a table each and supervision of every pupil.',
        'Take markers or cartridge pens for the first lesson.',
      )
    : good(purpose === 'finished piece' ? 10 : 5, 'A dip nib has the sharpest line.');

export const DRY_STEEL: Step = {
  id: 'dry',
  what: 'Dry it on a cloth that leaves no lint, and let it lie open until tomorrow.',
  why: 'Damp steel rusts.',
};

/** A pen that holds its ink behind a feed. */
export const FED: Required<Pick<KindOfTool, 'prepare' | 'putAway' | 'restart'>> = {
  restart: 'Flush it with lukewarm water until that comes out clear.',
  prepare: () => [
    {
      id: 'prime',
      what: 'Prime it: a few strokes on scrap until the line is even.',
      why: 'A dry feed skips.',
    },
  ],
  putAway: [
    {
      id: 'cap',
      what: 'Wipe the nib, cap it, keep it level.',
      why: 'An open feed dries within minutes.',
    },
    {
      id: 'flush',
      what: 'At every change of ink, and each month: flush with lukewarm water until it runs clear.',
      why: 'Old ink in the feed is why a pen skips.',
    },
  ],
};

const TAKES_PENCIL = good(3, 'Pencil takes to any such sheet.');

/** What holds of graphite, however it is held. */
export const GRAPHITE = {
  supply: 'none',
  seated: false,
  anyPaper: true,
  never: [
    'will not start',
    'two rails',
    'blob',
    'ragged edge',
    'beads',
    'skipping',
    'bleeds through',
    'ragged on one side',
  ],
  onSurface: [
    TAKES_PENCIL,
    TAKES_PENCIL,
    TAKES_PENCIL,
    risk(3, 'A rough sheet breaks a pencil line.', 'Any copy paper does.'),
  ],
} as const satisfies Partial<KindOfTool>;

/** What holds of a feather and of a reed, which are cut by hand. */
export const CUT_BY_HAND = {
  supply: 'dipped',
  vessel: 'cane',
  seated: false,
  slit: true,
  never: ['two rails', 'beads'],
  onSurface: EDGE_ON_SURFACE,
  loading: {
    what: 'Brush ink under the edge, or dip to half the scoop and touch the rim.',
    why: 'A full scoop lets go of all its ink at the first touch.',
  },
  restart: 'Wipe it, touch the edge to water, and load it again.',
} as const satisfies Partial<KindOfTool>;

/** A hand-cut edge is trimmed before it writes. */
export const TRIM: Step = {
  id: 'cut',
  what: 'Trim the edge with a sharp knife, cutting away from you on a cut-proof surface.',
  why: 'A ragged edge writes ragged.',
  caution: 'knife',
};
