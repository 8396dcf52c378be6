/** How the shank of a nib is measured: a picture says it better than words. */
export const ShankDrawing = () => (
  <details>
    <summary className="cursor-pointer text-sm">How to measure a shank</summary>
    <figure className="mt-1 text-sm">
      <svg viewBox="0 0 200 92" className="w-full max-w-72" role="img" aria-label="Width and arc of a shank">
        <g fill="none" stroke="currentColor" strokeWidth="1.6">
          {/* From the side: the shank lies on a ruler, the nib points to the right. */}
          <path d="M10 20 H70 L92 30 L70 40 H10 Z" />
          <path d="M70 30 H90" strokeWidth="0.8" />
          {/* From behind: the steel is bent to an arc. */}
          <path d="M124 46 A26 26 0 0 1 176 46" strokeWidth="3" />
        </g>
        <g stroke="var(--color-accent)" strokeWidth="1" fill="none">
          <path d="M10 50 V60 M40 50 V60 M10 55 H40" />
          <path d="M4 20 V40 M2 20 H8 M2 40 H8" />
          <path d="M150 46 L169 28" />
          <path d="M124 52 V62 M176 52 V62 M124 57 H176" />
        </g>
        <g fill="currentColor" fontSize="9">
          <text x="8" y="74">
            lay it flat: its width
          </text>
          <text x="116" y="74">
            from behind: the arc
          </text>
          <text x="156" y="48">
            r
          </text>
        </g>
      </svg>
      <figcaption>
        Width: the shank laid flat on a ruler. Arc: try it in circles drawn with radii of 2, 2.5, 3 … mm until
        its back follows one; that radius is asked for.
      </figcaption>
    </figure>
  </details>
);
