import type { PDFDocumentProxy } from 'pdfjs-dist/types/src/display/api';
import { Problem } from '@/core/problem/problem';
import type { Bytes } from '@/core/raster/grey';
import { type Channel, channelOf, MOST_PIXELS } from './channel';

/** What a scan never has: programs, and files inside. Looked for in the bytes, before anything is read. */
const ACTIVE = /\/(JavaScript|JS|Launch|EmbeddedFile|RichMedia|OpenAction|AA|XFA)\b/;
/** Side of the smallest picture that can be a scanned page. */
const LEAST_SIDE = 500;

const refuse = (why: string) => new Problem('photo', why);

/**
 * The scan in a PDF: the largest picture of its first page, as it is stored there.
 * @throws Problem where it has anything but pictures to run or open, or no picture of a page.
 */
export async function decodePdf(bytes: Uint8Array, channel: Channel): Promise<Bytes> {
  if (ACTIVE.test(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength).toString('latin1'))) {
    throw refuse(
      'This PDF has programs or files in it; a scan has none. Scan the page again, as JPEG, PNG or a plain PDF.',
    );
  }
  const { getDocument, OPS, VerbosityLevel } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  let opened: PDFDocumentProxy | undefined;
  try {
    const task = getDocument({
      data: Uint8Array.from(bytes),
      isEvalSupported: false,
      disableFontFace: true,
      useSystemFonts: false,
      maxImageSize: MOST_PIXELS,
      verbosity: VerbosityLevel.ERRORS,
    });
    opened = await task.promise;
    const page = await opened.getPage(1);
    const { fnArray, argsArray } = await page.getOperatorList();
    const names = fnArray.flatMap((fn, i) =>
      fn === OPS.paintImageXObject ? [String(argsArray[i]?.[0])] : [],
    );
    let best: Bytes | undefined;
    for (const name of new Set(names)) {
      const image = await new Promise<{
        width: number;
        height: number;
        data?: Uint8ClampedArray;
        kind?: number;
      }>((resolve) => page.objs.get(name, resolve));
      const { width, height, data } = image ?? {};
      if (!data || Math.min(width, height) < LEAST_SIDE) continue;
      if (best && best.width * best.height >= width * height) continue;
      best = pixelsOf(new Uint8Array(data.buffer, data.byteOffset, data.byteLength), width, height, channel);
    }
    if (!best)
      throw refuse(
        'There is no scanned page in this PDF: only its first page is looked at, for a picture of it.',
      );
    return best;
  } catch (error) {
    if (error instanceof Problem) throw error;
    throw refuse(
      'This PDF cannot be read: it is broken, locked, or too large. Scan the page again, as JPEG or PNG.',
    );
  } finally {
    await opened?.destroy();
  }
}

/** A byte, or three, or four a pixel; or a bit, rows filled up to bytes. */
function pixelsOf(data: Uint8Array, width: number, height: number, channel: Channel): Bytes | undefined {
  const per = data.length / (width * height);
  if (per >= 1) return channelOf(data, width, height, Math.floor(per), channel);
  const stride = (width + 7) >> 3;
  if (data.length < stride * height) return undefined;
  const grey = new Uint8Array(width * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      if (((data[y * stride + (x >> 3)] as number) >> (7 - (x & 7))) & 1) grey[y * width + x] = 255;
    }
  }
  return { width, height, data: grey };
}
