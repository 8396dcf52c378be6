import { CAUTIONS } from '../../kit/cautions';
import { type Mm, plain } from '../../measure/units';
import { handOf } from '../../setting/handOf';
import type { Sheet } from '../../sheet/sheet';
import { groundOf } from '../ground';

/** What lies on the desk for a pack, what to do before, and what to mind: common teaching values for the hand's tool. */
export interface Desk {
  readonly kit: readonly string[];
  readonly prepare: readonly string[];
  readonly cautions: readonly string[];
}

/** Nibs wider than this write better on hard-sized paper (common teaching value). */
const WIDE: Mm = 3;

const ALSO =
  'Rag, pot of water, HB pencil and kneaded eraser; layout paper if the sheets are to be kept clean';

export function deskFor(recipe: Sheet, sizes: readonly number[]): Desk {
  const { tool } = handOf(recipe);
  const left = recipe.paper.mirrored;
  const widths = sizes.map((size) => groundOf(recipe, { size, held: false }).recipe.width);
  const writing = [
    'Sit tall, shoulders down, feet on the floor; hold the pen without white knuckles and move the arm, not the fingers.',
    ...(left
      ? [
          'Left hand: start at the right of the page, where the models stand, so that the hand never crosses wet ink.',
        ]
      : []),
  ];
  switch (tool) {
    case 'broad':
      return {
        kit: [
          `${widths.map((width) => `${plain(width)} mm`).join(' and ')} square-cut broad nib${left ? ', or a left-oblique one, which spares the wrist,' : ''} in a straight holder; a felt marker or plate pen of that width serves as well`,
          'Carbon ink, fresh and thin enough to leave the nib by itself',
          `Smooth paper${Math.max(...widths) > WIDE ? ', hard-sized for the wide nib' : ''}: these sheets printed at 100 %, or under layout paper`,
          ALSO,
        ],
        prepare: [
          'Measure the check bar of one printed sheet: 100 mm, or the printer scales.',
          'New nib: take the coating off with dish soap and a soft brush, rinse, dry.',
          'Hold the nib far back and push it in until it is firm; reservoir ½–1 mm behind the tip.',
          `Lay the edge on the gauge: ${plain(recipe.penAngle)}° to the writing line. Turn the page until that is comfortable.`,
          ...writing,
        ],
        cautions: [CAUTIONS.sharp.line, CAUTIONS.pigment.line, CAUTIONS.solvent.line, CAUTIONS.pain.line],
      };
    case 'pointed':
      return {
        kit: [
          `Stiff pointed nib in ${left ? 'a straight holder' : 'an oblique holder, or a straight one with the page turned'}; a soft pencil will do to begin with`,
          'Ink for dipping, a little thicker than for fountain pens',
          'Smooth, sized paper whose fibres do not catch the point: these sheets printed at 100 %',
          ALSO,
        ],
        prepare: [
          'Measure the check bar of one printed sheet: 100 mm, or the printer scales.',
          'New nib: take the coating off with dish soap and a soft brush, rinse, dry. If ink beads, once more.',
          'Dip before every long shade; touch the rim of the pot, do not shake.',
          `Turn the page until the tines lie along the slant lines, ${plain(90 - recipe.slope)}° to the writing line: press only downwards.`,
          ...writing,
        ],
        cautions: [CAUTIONS.sharp.line, CAUTIONS.pigment.line, CAUTIONS.solvent.line, CAUTIONS.pain.line],
      };
    default:
      return {
        kit: [
          tool === 'brush' ? 'Small hard brush pen' : 'Any point that glides: fineliner, pencil or ballpoint',
          'Smooth paper: these sheets printed at 100 %',
          ALSO,
        ],
        prepare: ['Measure the check bar of one printed sheet: 100 mm, or the printer scales.', ...writing],
        cautions: [CAUTIONS.pain.line],
      };
  }
}
