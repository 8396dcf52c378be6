import { toRadians } from '@/core/measure/units';
import { DIP_NIB_EDGE } from '@/core/pen/edge';
import { strokeThickness } from '@/core/pen/thickness';

/** An edge as it is held: its width in mm, and its angle. */
export interface Held {
  readonly nib: number;
  readonly angle: number;
}

/** Directions drawn, in degrees apart; and the room round the curves, as a share of the widest. */
const STEP = 5;
const ROOM = 1.15;

/** How thick an edge is in every direction it is moved in: a closed curve about the middle. */
const curve = ({ nib, angle }: Held): string =>
  Array.from({ length: 360 / STEP + 1 }, (_, i) => {
    const direction = i * STEP;
    const thick = strokeThickness(nib, angle, direction, DIP_NIB_EDGE);
    const [x, y] = [Math.cos(toRadians(direction)) * thick, -Math.sin(toRadians(direction)) * thick];
    return `${i === 0 ? 'M' : 'L'}${x.toFixed(3)} ${y.toFixed(3)}`;
  }).join('');

/** Thickness by direction: of the model's edge and of the one that wrote, with the thickness of a dip nib’s edge. */
export function Thickness({ model, own }: { model: Held; own: Held }) {
  const reach = ROOM * Math.max(model.nib, own.nib);
  return (
    <figure className="flex items-center gap-3 text-sm">
      <svg
        viewBox={`${-reach} ${-reach} ${2 * reach} ${2 * reach}`}
        className="size-28 shrink-0 bg-white text-[#1f2430]"
        role="img"
        aria-label="Thickness by direction"
      >
        <path d={`M${-reach} 0H${reach}M0 ${-reach}V${reach}`} stroke="#c9c4b8" strokeWidth={0.01 * reach} />
        <path d={curve(model)} fill="none" stroke="#a33327" strokeWidth={0.035 * reach} />
        <path
          d={curve(own)}
          fill="currentColor"
          fillOpacity={0.25}
          stroke="currentColor"
          strokeWidth={0.02 * reach}
        />
      </svg>
      <figcaption>
        How thick strokes come out, by their direction: the model’s in red, what this edge leaves in black.
        Where a curve meets the middle, the stroke is thinnest.
      </figcaption>
    </figure>
  );
}
