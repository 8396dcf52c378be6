import { rectangle, text } from '../drawing/build';
import type { Drawing } from '../drawing/drawing';
import { fitText } from '../drawing/textWidth';
import { plain } from '../measure/units';
import { amount } from '../measure/words';
import { keepsUntil, type Mix } from './mix';

/** A label for a small pot, in mm. */
const LABEL = { width: 60, height: 30, margin: 3 };
const INK = '#1F2430';

/** “2026-11-27”. */
const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

/** The label of a mix, to print and stick on its pot. */
export function mixLabel(mix: Mix): Drawing {
  const room = LABEL.width - 2 * LABEL.margin;
  const lines = [
    `${plain(mix.baseMl)} ml ${mix.base}, ${plain(mix.waterMl)} ml water`,
    `${amount(mix.gumDrops, 'drop')} of gum arabic: ${mix.consistency}`,
    `made ${dayOf(Date.parse(mix.madeAt))}, keeps until ${dayOf(keepsUntil(mix))}`,
  ];
  return {
    width: LABEL.width,
    height: LABEL.height,
    title: mix.label,
    nodes: [
      {
        kind: 'path',
        commands: rectangle(0.5, 0.5, LABEL.width - 1, LABEL.height - 1),
        stroke: { colour: INK, width: 0.2 },
      },
      text(LABEL.margin, 8, fitText(mix.label, 5, room), { size: 5, colour: INK, style: 'bold' }),
      ...lines.map((line, i) =>
        text(LABEL.margin, 14.5 + 5 * i, fitText(line, 3.6, room), { size: 3.6, colour: INK }),
      ),
    ],
  };
}
