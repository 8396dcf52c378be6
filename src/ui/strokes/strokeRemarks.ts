import { plain } from '@/core/measure/units';
import { amount } from '@/core/measure/words';
import type { WritingPen } from '@/core/pen/pen';
import type { Cut } from '@/core/type/cut';
import { readStroke } from '@/core/type/letterReadings';

/** Ratio to the exemplar's weight from which a difference is seen at once. */
const FATTER = 1.3;
const THINNER = 0.65;
const MOST_REMARKS = 3;

/** What goes wrong when the letter is written with another pen: the strokes that change most, worst first. */
export function strokeRemarks(cut: Cut, right: WritingPen, wrong: WritingPen): string[] {
  const how = wrong.kind === 'broad' ? ` at ${plain(wrong.angle)}°` : '';
  return cut.strokes
    .map((stroke, i) => {
      const [should, is] = [readStroke(right, stroke).middle, readStroke(wrong, stroke).middle];
      return { name: `Stroke ${i + 1}, ${stroke.name},`, should, is, ratio: is / should };
    })
    .filter(({ ratio }) => ratio > FATTER || ratio < THINNER)
    .sort((a, b) => Math.abs(Math.log(b.ratio)) - Math.abs(Math.log(a.ratio)))
    .slice(0, MOST_REMARKS)
    .map(
      ({ name, should, is, ratio }) =>
        `${name} comes out ${ratio > 1 ? 'too heavy' : 'too thin'}${how}: ${amount(is, 'nib width')} instead of ${plain(should)}.`,
    );
}
