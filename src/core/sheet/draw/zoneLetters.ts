import { group, text } from '../../drawing/build';
import type { DrawingNode } from '../../drawing/drawing';
import type { Mm } from '../../measure/units';
import { SMALL } from '../../page/lettering';
import type { LineLanguage } from '../../page/lineLanguage';
import type { RuledLine, Ruling } from '../layout';

/** Zone letters just past the end of each line: c(apital), a(scender), x (body), d(escender). */
export function zoneLetters(ruling: Ruling, language: LineLanguage): DrawingNode[] {
  if (!ruling.aids.letters) return [];
  const gapToText: Mm = 0.8;
  const letters = ruling.columns.flatMap(({ x, width }) => {
    const at = ruling.startsRight ? x - gapToText : x + width + gapToText;
    return ruling.strips.flatMap(({ lines }) =>
      lines.flatMap((line) =>
        lettersOf(line).map(({ letter, top, bottom }) => {
          const size = Math.min(SMALL, (bottom - top) * 0.8);
          return text(at, (top + bottom) / 2 + size * 0.25, letter, {
            size,
            colour: language.aid,
            anchor: ruling.startsRight ? 'end' : 'start',
          });
        }),
      ),
    );
  });
  return [group('zone-letters', letters)];
}

function lettersOf(line: RuledLine): { letter: string; top: Mm; bottom: Mm }[] {
  const zones: { letter: string; top: Mm; bottom: Mm }[] = [];
  const bodyTop = line.waistline ?? line.capital;
  if (line.ascender !== null && line.waistline !== null) {
    zones.push({ letter: 'a', top: line.ascender, bottom: line.waistline });
  }
  if (bodyTop !== null)
    zones.push({ letter: line.waistline === null ? 'c' : 'x', top: bodyTop, bottom: line.baseline });
  if (line.descender !== null) zones.push({ letter: 'd', top: line.baseline, bottom: line.descender });
  return zones;
}
