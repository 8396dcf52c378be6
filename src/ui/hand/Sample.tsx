import { SMALL_INK_EDGE } from '@/render/pathData';
import type { WrittenSample } from '@/workers/gallery.worker';

/** A written line at a fixed number of CSS pixels per millimetre, so that lines beside each other keep their true proportion. */
export function Sample({ sample, scale, label }: { sample: WrittenSample; scale: number; label: string }) {
  const { paths, width, above, below } = sample;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 ${-above} ${width} ${above + below}`}
      width={width * scale}
      height={(above + below) * scale}
      className="max-w-full"
      data-testid="sample"
    >
      <title>{label}</title>
      <line
        x1="0"
        x2={width}
        y1="0"
        y2="0"
        stroke="currentColor"
        strokeOpacity="0.25"
        strokeWidth={0.5 / scale}
      />
      {paths.map(({ d, transform, box }) => (
        <path
          key={`${transform} ${d.length}`}
          d={d}
          transform={transform}
          {...(box
            ? { fill: 'none', stroke: 'currentColor', strokeWidth: 0.2 }
            : {
                fill: 'currentColor',
                stroke: 'currentColor',
                strokeWidth: SMALL_INK_EDGE,
                vectorEffect: 'non-scaling-stroke',
              })}
        />
      ))}
    </svg>
  );
}
