import { plain } from '../../measure/units';
import { ruledLine } from '../../sheet/layout';
import type { Band } from '../band';
import type { Ground } from '../ground';
import { HEADING, headingNodes, headingPiece, manner } from './heading';
import { BAND_GAP, type Cutting, type Piece, type Setting, smaller } from './piece';
import { rowReach } from './row';

/** Ruled lines to write on: so many, or to the foot of the page. */
export function emptyRuling(band: Band, ground: Ground, setting: Setting): Cutting {
  const { above, below, gap } = rowReach(ground);
  const more = manner(band, ground);
  const height = above + below;
  const room = setting.height - (more ? HEADING : 0);
  if (height > room) {
    const trouble = [
      `A line of this ruling is ${plain(height, 0)} mm tall and the page has ${plain(room, 0)} mm. ${smaller(ground, room / height)}`,
    ];
    return { pieces: [headingPiece({ name: 'Ruling', more }, setting, trouble)], trouble };
  }
  const lay =
    (titled: boolean): Piece['lay'] =>
    (top, frame) => {
      const down = titled ? HEADING : 0;
      return {
        cells: [],
        rows: [
          {
            recipe: ground.recipe,
            module: ground.module,
            line: ruledLine(ground.recipe, ground.module, top + down + above),
            x: frame.x,
            width: frame.width,
            toWrite: true,
          },
        ],
        nodes: titled ? headingNodes({ name: 'Empty ruling', more }, top, frame, setting.language) : [],
      };
    };
  const count = band.how.fill ? 1 : band.how.lines;
  const pieces = Array.from({ length: count }, (_, i): Piece => {
    const titled = i === 0 && more !== '';
    return {
      height: height + (titled ? HEADING : 0),
      before: i === 0 ? BAND_GAP : gap,
      lay: lay(titled),
    };
  });
  return {
    pieces,
    trouble: [],
    ...(band.how.fill && { filling: { height, before: gap, lay: lay(false) } }),
  };
}
