import { tanDeg } from '@/core/measure/units';
import type { WritingPen } from '@/core/pen/pen';
import { inkOf } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { lettersOf, type PlacedInk, type PlacedLetter, type SetLine } from '@/core/type/placed';
import { bottomOf } from '@/core/type/profile';
import type { PenDown } from '@/core/writing/lifts';
import { COLOURS, flat, Ink } from './ink';
import { Lifts } from './Lifts';

/** White at either end of the line, in letter units. */
const END = 1.5;
/** Minimum width of the view, so that a short text is not enlarged without limit. */
const SHORTEST = 20;

/** White over and under the line, in letter units. */
const AROUND = 0.5;

/** The letter whose middle is nearest to x. */
const nearest = (set: SetLine, x: number): PlacedLetter | undefined =>
  lettersOf(set).sort((a, b) => Math.abs(middleOf(a) - x) - Math.abs(middleOf(b) - x))[0];

const middleOf = ({ cut, x }: PlacedInk): number => x + (cut.profile.minimum + cut.profile.maximum) / 2;

/** A set line as it is written, on its guidelines; a letter is chosen by pointing at it, by the place it has in the text. */
export function WrittenLine({
  face,
  pen,
  set,
  chosen,
  lifts,
  onChoose,
}: {
  face: Typeface;
  pen: WritingPen;
  set: SetLine;
  chosen?: number;
  /** Where the pen is lifted, to be shown; none where that is not asked for. */
  lifts?: readonly PenDown[];
  onChoose: (at: number) => void;
}) {
  const { zones } = face;
  const letters = set.placed.flatMap((item) => (item.kind === 'letter' ? [item] : []));
  const climbs = Math.max(0, ...letters.map(({ y }) => y));
  const above = Math.max(zones.body + zones.ascender, zones.capital) + climbs;
  const top = above + AROUND;
  // Letters that stand on one another's tails reach below the line that descenders keep to.
  const below = Math.max(zones.descender, ...letters.map(({ y, cut }) => -(y + bottomOf(cut.profile))));
  const height = top + below + AROUND;
  const lean = tanDeg(face.slope);
  const [back, forward] = [Math.max(0, lean * below), Math.max(0, lean * above)];
  const from = -set.left - back - END;
  const width = Math.max(set.width + set.left + back + forward + 2 * END, SHORTEST);
  return (
    <svg
      viewBox={`${flat(from)} ${flat(-top)} ${flat(width)} ${flat(height)}`}
      className="h-full max-w-full"
      preserveAspectRatio="xMinYMid meet"
      role="img"
      aria-label="The line as the hand writes it"
      onPointerDown={({ currentTarget, clientX, clientY }) => {
        const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(
          currentTarget.getScreenCTM()?.inverse(),
        );
        const found = nearest(set, x + y * lean);
        if (found) onChoose(found.at);
      }}
    >
      <g stroke={COLOURS.rule} strokeWidth="0.04">
        {[0, zones.body].map((y) => (
          <line key={y} x1={from} x2={from + width} y1={-y} y2={-y} />
        ))}
      </g>
      <g transform="scale(1 -1)">
        {set.placed.map((item, i) =>
          item.kind === 'missing' ? (
            <path
              // biome-ignore lint/suspicious/noArrayIndexKey: a line's letters are its order
              key={i}
              d={`M${item.x} 0h${item.width}l${lean * zones.body} ${zones.body}h${-item.width}z`}
              fill="none"
              stroke={COLOURS.ink}
              strokeWidth="0.1"
            />
          ) : (
            <g
              // biome-ignore lint/suspicious/noArrayIndexKey: a line's letters are its order
              key={i}
              transform={`translate(${flat(item.x)} ${flat(item.y)})`}
            >
              <Ink
                polygons={inkOf(pen, item.cut)}
                fill={
                  item.at !== undefined && item.at === chosen
                    ? COLOURS.pen
                    : lifts
                      ? COLOURS.faint
                      : COLOURS.ink
                }
                small
              />
            </g>
          ),
        )}
        {lifts && <Lifts runs={lifts} />}
      </g>
    </svg>
  );
}
