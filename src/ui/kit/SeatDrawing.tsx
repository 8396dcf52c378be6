import type { Item } from '@/core/kit/item';
import { cosDeg, sinDeg } from '@/core/measure/units';

/** Lengths of the picture, in its own units. */
const SHAFT = 110;
const FLANGE = 26;
const NIB = 46;

/** How a nib must sit: in a straight holder in line with it; in an oblique one so that its point meets the shaft's axis. */
export function SeatDrawing({ holder }: { holder: Item }) {
  const turn = holder.holderType === 'oblique' ? (holder.flangeTurn ?? 15) : 0;
  // The shaft lies along the picture; the flange stands off it so that the nib, turned by φ, ends on the axis.
  const root: [number, number] = [SHAFT, turn === 0 ? 0 : NIB * sinDeg(turn)];
  const tip: [number, number] = [root[0] + NIB * cosDeg(turn), root[1] - NIB * sinDeg(turn)];
  return (
    <figure className="my-2">
      <svg
        viewBox="-6 -26 190 66"
        className="h-20 w-56"
        role="img"
        aria-label={
          turn === 0 ? 'The nib in line with the holder' : 'The point of the nib on the line of the shaft'
        }
      >
        <line
          x1="-4"
          y1="0"
          x2="182"
          y2="0"
          stroke="var(--color-primary)"
          strokeWidth="1"
          strokeDasharray="4 3"
        />
        <rect
          x="0"
          y="-5"
          width={SHAFT}
          height="10"
          rx="5"
          fill="none"
          stroke="currentColor"
          strokeWidth="1.5"
        />
        {turn !== 0 && (
          <path
            d={`M${SHAFT - FLANGE} 5L${root[0]} ${root[1] - 4}L${root[0]} ${root[1] + 4}Z`}
            fill="none"
            stroke="currentColor"
            strokeWidth="1.5"
          />
        )}
        <path
          d={`M${root[0]} ${root[1] - 5}L${tip[0]} ${tip[1]}L${root[0]} ${root[1] + 5}Z`}
          fill="none"
          stroke="currentColor"
          strokeWidth="1.5"
        />
        <circle cx={tip[0]} cy={tip[1]} r="2.5" fill="var(--color-accent)" />
      </svg>
      <figcaption className="text-sm opacity-80">
        {turn === 0
          ? 'Nib and holder in one line.'
          : `Flange turned ${Math.round(turn)}°: the point lies on the line of the shaft.`}
      </figcaption>
    </figure>
  );
}
