const TENTH = 0.1;

/** One letter of a page's picture, with some white round it. */
export function LetterPicture({
  of: { picture, width, height, box },
  around,
  title,
  className,
}: {
  /** The page's picture and its size in mm, and where the letter lies, in tenths of a mm. */
  of: {
    readonly picture: string;
    readonly width: number;
    readonly height: number;
    readonly box: readonly [number, number, number, number];
  };
  /** In mm. */
  around: number;
  title: string;
  className: string;
}) {
  const [x, y, w, h] = box;
  const view = [x * TENTH - around, y * TENTH - around, w * TENTH + 2 * around, h * TENTH + 2 * around];
  return (
    <svg viewBox={view.join(' ')} className={`bg-white ${className}`} role="img" aria-label={title}>
      <image
        href={`/api/pictures/${picture}`}
        x={0}
        y={0}
        width={width}
        height={height}
        preserveAspectRatio="none"
      />
    </svg>
  );
}
