/** How much larger the picture is under the loupe, and its side in pixels. */
const TIMES = 4;
const SIDE = 128;

/** A loupe for the area under a handle, in the opposite corner of the picture, since a finger covers what it moves. */
export function Loupe({
  url,
  at: [x, y],
  shown: { width, height },
}: {
  url: string;
  /** Shares of the picture's sides. */
  at: readonly [number, number];
  /** The picture's size on the screen, in pixels. */
  shown: { readonly width: number; readonly height: number };
}) {
  return (
    <div
      aria-hidden
      data-testid="loupe"
      className={`pointer-events-none absolute overflow-hidden rounded-full border-2 border-accent bg-white ${x < 0.5 ? 'right-1' : 'left-1'} ${y < 0.5 ? 'bottom-1' : 'top-1'}`}
      style={{
        width: SIDE,
        height: SIDE,
        backgroundImage: `url(${url})`,
        backgroundRepeat: 'no-repeat',
        backgroundSize: `${TIMES * width}px ${TIMES * height}px`,
        backgroundPosition: `${SIDE / 2 - x * TIMES * width}px ${SIDE / 2 - y * TIMES * height}px`,
      }}
    >
      <span className="absolute top-1/2 left-0 h-px w-full bg-accent" />
      <span className="absolute top-0 left-1/2 h-full w-px bg-accent" />
    </div>
  );
}
