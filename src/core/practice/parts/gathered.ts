import type { Mm } from '../../measure/units';
import type { Band } from '../band';
import type { Ground } from '../ground';
import { AROUND } from '../guided';
import type { Subject } from '../subject';
import { guidedCell, guidedSpan, LARGE } from './guidedCell';
import { HEADING, headingNodes, type Title } from './heading';
import { BAND_GAP, type BandPart, type BandParts, type PageRoom, together } from './part';

/** White between guided cells that stand side by side. */
const GUIDES_GAP: Mm = 2.5;

/** Guided cells of several letters side by side, row after row: the whole family at one glance. */
export function gathered(
  band: Band,
  ground: Ground,
  place: PageRoom,
  subjects: readonly Subject[],
  title: Title,
): BandParts {
  const { width, height, language, boxes } = place;
  const unit = LARGE * ground.unit;
  const tall = (unitOf: Mm) =>
    Math.max(
      ...subjects.map(({ figure }) => {
        const { top, bottom } = guidedSpan(ground, figure, band.how.ink);
        return (top - bottom) * unitOf + 2 * AROUND;
      }),
    );
  const wide = ({ figure }: Subject) => {
    const { left, right } = guidedSpan(ground, figure, band.how.ink);
    return (right - left) * unit + 2 * AROUND;
  };
  const trouble: string[] = [];
  const rows: { subject: Subject; x: Mm }[][] = [];
  let x = 0;
  for (const subject of subjects) {
    if (wide(subject) > width || tall(unit) + HEADING > height) {
      trouble.push(
        `There is no room for a guided cell of “${subject.name}”: it is left out. A larger sheet, or a smaller nib, has room.`,
      );
      continue;
    }
    if (rows.length === 0 || x + wide(subject) > width) {
      rows.push([]);
      x = 0;
    }
    rows.at(-1)?.push({ subject, x });
    x += wide(subject) + GUIDES_GAP;
  }
  const parts = rows.map((row, i): BandPart => {
    const down = i === 0 ? HEADING : 0;
    return {
      height: tall(unit) + down,
      before: i === 0 ? BAND_GAP : GUIDES_GAP,
      lay: (top, frame) =>
        together([
          { cells: [], rows: [], nodes: i === 0 ? headingNodes(title, top, frame, language) : [] },
          ...row.map((cell) => {
            const left = boxes.startsRight
              ? frame.x + frame.width - cell.x - wide(cell.subject)
              : frame.x + cell.x;
            const box = { x: left, y: top + down, width: wide(cell.subject), height: tall(unit) };
            return guidedCell(band, ground, cell.subject.figure, unit, box, cell.subject.name, language);
          }),
        ]),
    };
  });
  return { parts, trouble };
}
