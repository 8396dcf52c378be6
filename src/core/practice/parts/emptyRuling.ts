import { plain } from '../../measure/units';
import { ruledLine } from '../../sheet/layout';
import type { Band } from '../band';
import type { Ground } from '../ground';
import { HEADING, headingNodes, headingPart, manner } from './heading';
import { BAND_GAP, type BandPart, type BandParts, type PageRoom, smaller } from './part';
import { rowReach } from './row';

/** Ruled lines to write on: a given number, or as many as reach the foot of the page. */
export function emptyRuling(band: Band, ground: Ground, place: PageRoom): BandParts {
  const { above, below, gap } = rowReach(ground);
  const more = manner(band, ground);
  const height = above + below;
  const room = place.height - (more ? HEADING : 0);
  if (height > room) {
    const trouble = [
      `A line of this ruling is ${plain(height, 0)} mm tall and the page has ${plain(room, 0)} mm. ${smaller(ground, room / height)}`,
    ];
    return { parts: [headingPart({ name: 'Ruling', more }, place, trouble)], trouble };
  }
  const lay =
    (titled: boolean): BandPart['lay'] =>
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
        nodes: titled ? headingNodes({ name: 'Empty ruling', more }, top, frame, place.language) : [],
      };
    };
  const count = band.how.fill ? 1 : band.how.lines;
  const parts = Array.from({ length: count }, (_, i): BandPart => {
    const titled = i === 0 && more !== '';
    return {
      height: height + (titled ? HEADING : 0),
      before: i === 0 ? BAND_GAP : gap,
      lay: lay(titled),
    };
  });
  return {
    parts,
    trouble: [],
    ...(band.how.fill && { filling: { height, before: gap, lay: lay(false) } }),
  };
}
