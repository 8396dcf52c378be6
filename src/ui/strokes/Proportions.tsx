import { handById } from '@/core/hands/registry';
import { plain } from '@/core/measure/units';
import type { WritingPen } from '@/core/pen/pen';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { isCapital, type LetterMeasures, measureLetter } from '@/core/type/letterMeasures';
import { diagonalBalance, parallelSpread } from '@/core/type/letterReadings';
import { inUnit, type LetterUnit, onPaper } from './letterUnit';

/** Letters that stand on two leaning strokes instead of a stem. */
export const isBalanced = (face: Typeface, text: string): boolean =>
  handById(face.hand).diagonals?.includes(text) ?? false;

/** Bisectors this close to the slope stand on it, and strokes this close are parallel. */
const CLOSE = 1;

/** The letter's group, its heights and widths, and whether its diagonals balance. */
export function Proportions({
  cut,
  face,
  pen,
  unit,
}: {
  cut: Cut;
  face: Typeface;
  pen: WritingPen;
  unit: LetterUnit;
}) {
  const measures: LetterMeasures = measureLetter(face, pen, cut);
  const { left, right, top, bottom, counter } = measures;
  const rows: readonly [string, number][] = [
    ['Width', right - left],
    ['Height', top - bottom],
    ['Over the baseline', top],
    ['Under the baseline', Math.max(0, -bottom)],
    ...(counter === undefined ? [] : ([['Counter at half its height', counter]] as [string, number][])),
  ];
  return (
    <section aria-labelledby="proportions" className="space-y-3">
      <h2 id="proportions" className="margin-heading">
        Proportions
      </h2>
      <p className="text-sm">
        Group: {cut.letter.family}. Width{' '}
        {plain((right - left) / (isCapital(cut) ? top - bottom : face.zones.body), 2)} of{' '}
        {isCapital(cut) ? 'its height' : 'the body'}.
      </p>
      <table className="w-full text-sm tabular-nums">
        <tbody>
          {rows.map(([name, value]) => (
            <tr key={name}>
              <th scope="row" className="text-left font-normal">
                {name}
              </th>
              <td className="whitespace-nowrap pl-3 text-right">{inUnit(unit, value)}</td>
              <td className="whitespace-nowrap pl-3 text-right">{onPaper(unit, value)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {isBalanced(face, cut.letter.text) && <Balance cut={cut} face={face} />}
    </section>
  );
}

/** For letters without a stroke on the slope: whether their diagonals lean evenly about it, and are parallel. */
function Balance({ cut, face }: { cut: Cut; face: Typeface }) {
  const pairs = diagonalBalance(cut.strokes, face.slope, face.zones.body);
  const spread = parallelSpread(cut.strokes, face.slope, face.zones.body);
  if (pairs.length === 0) return null;
  return (
    <div>
      <h3 className="font-bold text-sm">Diagonal balance</h3>
      {pairs.map(({ first, second, deviation }) => (
        <p key={`${first} ${second}`} className="text-sm tabular-nums">
          {plain(first, 1)}° and {plain(second, 1)}°: their bisector is {plain(Math.abs(deviation), 1)}° off
          the slope
          {Math.abs(deviation) < CLOSE ? ': it stands on it.' : '.'}
        </p>
      ))}
      {spread !== undefined && (
        <p className="text-sm tabular-nums">
          Strokes of the same side differ by {plain(spread, 1)}°
          {spread < CLOSE ? ': they are parallel.' : '.'}
        </p>
      )}
    </div>
  );
}
