import type { Mm } from '../measure/units';
import type { Box } from './boxes';

/** A part of what is written that stays together on one page. */
export interface Part<Laid> {
  readonly height: Mm;
  /** White before it, unless it stands at the head of a frame. */
  readonly before: Mm;
  readonly lay: (top: Mm, frame: Box) => Laid;
}

/** A part in its place: `box` is all the room it takes. */
export interface Poured<Laid> {
  readonly box: Box;
  readonly laid: Laid;
}

/** Rounding error that must not push a part to the next page. */
const DUST = 1e-6;

/** Places parts into the frames of a page in order, page after page. */
export class Flow<Laid> {
  readonly pages: Poured<Laid>[][] = [[]];
  private frame = 0;
  private used: Mm = 0;

  constructor(private readonly frames: readonly Box[]) {}

  /** Adds parts; then as many like `filling` as there is room for under them. */
  add(parts: readonly Part<Laid>[], filling?: Part<Laid>): void {
    for (const part of parts) this.pour(part);
    while (filling && this.fits(filling)) this.pour(filling);
  }

  private fits({ height, before }: Part<Laid>): boolean {
    const frame = this.frames[this.frame];
    return frame !== undefined && this.used + (this.used > 0 ? before : 0) + height <= frame.height + DUST;
  }

  private pour(part: Part<Laid>): void {
    if (!this.fits(part) && this.used > 0) this.next();
    const frame = this.frames[this.frame] as Box;
    if (this.used > 0) this.used += part.before;
    const top = frame.y + this.used;
    const box = { x: frame.x, y: top, width: frame.width, height: part.height };
    this.pages.at(-1)?.push({ box, laid: part.lay(top, frame) });
    this.used += part.height;
  }

  private next(): void {
    this.used = 0;
    this.frame += 1;
    if (this.frame < this.frames.length) return;
    this.frame = 0;
    this.pages.push([]);
  }
}
