import { asNib, type Item } from '@/core/kit/item';
import { toolOf } from '@/core/kit/kinds/registry';
import { type Degrees, type Mm, plain, sinDeg } from '@/core/measure/units';
import { type Pen, sweep } from '@/core/pen/pen';
import { compileStroke } from '@/core/pen/stroke';

/** Room around the drawing, in mm. */
const AROUND = 2;
/** Height of the mark shown under the nib, in mm. */
const MARK = 8;

/** What the tool leaves: an edge, one line of a round point, or a shade from its hairline to its width. */
function penOf(item: Item, width: Mm, cut: Degrees): Pen {
  const kind = toolOf(item.kind);
  if (kind?.edge !== 'point') return { kind: 'broad', width, steel: 0.1, angle: 0, cut };
  if (kind.nib === 'round') return { kind: 'monoline', line: width };
  const hairline = Math.min(asNib(item)?.hairline ?? width, width);
  return { kind: 'pointed', spread: width, hairline, tops: kind.tops ?? 'square' };
}

/** The cut and edge of a tool at true scale, and the mark it makes pulled straight down. */
export function NibDrawing({ item }: { item: Item }) {
  const width = item.width;
  if (width === null) return <p className="text-sm">Measure its width to see its edge.</p>;
  const turn =
    (item.cut === 'left-oblique' ? 1 : item.cut === 'right-oblique' ? -1 : 0) * (item.cutDegrees ?? 15);
  const kind = toolOf(item.kind);
  const pointed = kind?.edge === 'point';
  const pen = penOf(item, width, turn);
  const mark = compileStroke({
    name: 'mark',
    knots: [
      { x: 0, y: MARK, ...(pointed && { press: 0 }) },
      { x: 0, y: MARK / 2, line: true, ...(pointed && { press: 1 }) },
      { x: 0, y: 0, line: true, ...(pointed && { press: pointed ? 0.2 : 1 }) },
    ],
  });
  const ink = sweep(pen, mark)
    .map((polygon) => `M${polygon.map(([x, y]) => `${x.toFixed(2)} ${(-y).toFixed(2)}`).join('L')}Z`)
    .join('');
  const half = width / 2;
  const rise = half * sinDeg(turn);
  const shoulder = Math.max(half, 2.2);
  const size = Math.max(2 * shoulder, width) + 2 * AROUND;
  const height = MARK + 10 + 2 * AROUND;
  return (
    <figure>
      <svg
        viewBox={`${-size / 2} ${-MARK - 9 - AROUND} ${size} ${height}`}
        style={{ width: `${size}mm`, height: `${height}mm` }}
        role="img"
        aria-label={`The edge of ${item.label} at true scale, ${plain(width)} mm wide`}
      >
        <path
          d={
            pointed
              ? `M0 ${-MARK - 1}L${shoulder * 0.6} ${-MARK - 8}h${-shoulder * 1.2}Z`
              : `M${-half} ${-MARK - 1 + rise}L${half} ${-MARK - 1 - rise}L${shoulder * 0.7} ${-MARK - 8}h${-shoulder * 1.4}Z`
          }
          fill="none"
          stroke="currentColor"
          strokeWidth="0.15"
        />
        <path d={`M0 ${-MARK - 1.6}V${-MARK - 5}`} stroke="currentColor" strokeWidth="0.12" />
        <path d={ink} fill="currentColor" />
      </svg>
      <figcaption className="text-sm opacity-80">
        True scale on a calibrated screen: {plain(width)} mm
        {turn !== 0 ? `, cut ${plain(Math.abs(turn))}° ${turn > 0 ? 'left' : 'right'}-oblique` : ''}.
      </figcaption>
    </figure>
  );
}
