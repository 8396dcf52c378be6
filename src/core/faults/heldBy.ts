import type { Degrees } from '../measure/units';
import type { Pen } from '../pen/pen';

/** The pen as a scribe holds it: its width multiplied by `nib`, its angle increased by `angle`. */
export function heldBy(pen: Pen, nib: number, angle: Degrees): Pen {
  switch (pen.kind) {
    case 'broad':
    case 'two-point':
      return { ...pen, width: pen.width * nib, angle: pen.angle + angle };
    case 'pointed':
      return { ...pen, spread: Math.max(pen.hairline, pen.spread * nib) };
    case 'monoline':
      return { ...pen, line: pen.line * nib };
    case 'doubled':
      return { ...pen, gap: pen.gap * nib };
  }
}
