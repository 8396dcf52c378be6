import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Drawing } from '@/core/drawing/drawing';
import { MM_PER_INCH } from '@/core/measure/units';
import { type PdfOptions, renderPdf } from '@/render/pdf';

/**
 * A PDF page as another program draws it (poppler's rasteriser), in grey. Everything is asked for in millimetres
 * from the page's top left corner; darkness is 0 for paper, 1 for black.
 */
export class Raster {
  private constructor(
    private readonly pixels: Uint8Array,
    readonly widthPx: number,
    readonly heightPx: number,
    readonly pxPerMm: number,
  ) {}

  static async of(drawing: Drawing, dpi = 600, options: PdfOptions = {}): Promise<Raster> {
    const folder = mkdtempSync(join(tmpdir(), 'elvane-raster-'));
    try {
      const pdf = join(folder, 'page.pdf');
      writeFileSync(pdf, await renderPdf(drawing, options));
      execFileSync('pdftoppm', ['-r', String(dpi), '-gray', '-singlefile', pdf, join(folder, 'page')]);
      return Raster.parse(readFileSync(join(folder, 'page.pgm')), dpi);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  }

  /** Reads a binary greymap: "P5 width height 255" and the bytes. */
  private static parse(file: Buffer, dpi: number): Raster {
    const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(file.subarray(0, 64).toString('latin1'));
    if (!head) throw new Error('not a binary greymap');
    const [width, height] = [Number(head[1]), Number(head[2])];
    return new Raster(file.subarray(head[0].length), width, height, dpi / MM_PER_INCH);
  }

  /** Darkness of one pixel. */
  at(px: number, py: number): number {
    return 1 - (this.pixels[py * this.widthPx + px] ?? 255) / 255;
  }

  private toPx = (mm: number) => Math.round(mm * this.pxPerMm);

  /**
   * Centre of the horizontal line within `reach` of y, summed over x1 … x2: the centroid of darkness above the
   * window's own ground (whatever crosses it evenly). NaN where there is no line.
   */
  lineY(y: number, x1: number, x2: number, reach = 0.4): number {
    const [left, right] = [this.toPx(x1), this.toPx(x2)];
    return this.centre(this.toPx(y - reach), this.toPx(y + reach), (py) => {
      let sum = 0;
      for (let px = left; px < right; px++) sum += this.at(px, py);
      return sum / (right - left);
    });
  }

  /** Centre of the vertical (or sloping) line within `reach` of x, summed over y1 … y2. */
  lineX(x: number, y1: number, y2: number, reach = 0.4): number {
    const [top, bottom] = [this.toPx(y1), Math.max(this.toPx(y2), this.toPx(y1) + 1)];
    return this.centre(this.toPx(x - reach), this.toPx(x + reach), (px) => {
      let sum = 0;
      for (let py = top; py < bottom; py++) sum += this.at(px, py);
      return sum / (bottom - top);
    });
  }

  /** Bounds of what is at least so dark inside a box, in mm; undefined where nothing is. */
  darkBounds(box: { x: number; y: number; width: number; height: number }, least: number) {
    let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
    for (let py = this.toPx(box.y); py < this.toPx(box.y + box.height); py++) {
      for (let px = this.toPx(box.x); px < this.toPx(box.x + box.width); px++) {
        if (this.at(px, py) < least) continue;
        left = Math.min(left, px);
        right = Math.max(right, px + 1);
        top = Math.min(top, py);
        bottom = Math.max(bottom, py + 1);
      }
    }
    const mm = (px: number) => px / this.pxPerMm;
    return left > right ? undefined : { left: mm(left), top: mm(top), right: mm(right), bottom: mm(bottom) };
  }

  private centre(from: number, to: number, darkness: (p: number) => number): number {
    const profile = Array.from({ length: to - from + 1 }, (_, i) => darkness(from + i));
    const ground = Math.min(...profile);
    let mass = 0;
    let moment = 0;
    for (const [i, value] of profile.entries()) {
      mass += value - ground;
      moment += (value - ground) * (from + i + 0.5);
    }
    return mass > 0.01 ? moment / mass / this.pxPerMm : Number.NaN;
  }
}

/** Slope of the straight line through points, by least squares: dx/dy. */
export function slopeOf(points: readonly (readonly [number, number])[]): number {
  const meanX = points.reduce((sum, [x]) => sum + x, 0) / points.length;
  const meanY = points.reduce((sum, [, y]) => sum + y, 0) / points.length;
  let above = 0;
  let below = 0;
  for (const [x, y] of points) {
    above += (x - meanX) * (y - meanY);
    below += (y - meanY) ** 2;
  }
  return above / below;
}
