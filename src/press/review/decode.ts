import sharp, { type Sharp } from 'sharp';
import { Problem } from '@/core/problem/problem';
import type { Bytes } from '@/core/raster/grey';
import { type Channel, channelOf, MOST_PIXELS } from './channel';

/** Smallest side that a page could be read from, in pixels. */
const LEAST_SIDE = 500;
/** Highest picture that is worth keeping whole: A3 at 300 dots to the inch; larger ones are made smaller first. */
const LONGEST_SIDE = 6000;

/** Magic numbers that identify picture formats, whatever the file is called. */
const STARTS: readonly { readonly type: PictureKind; readonly at: number; readonly bytes: string }[] = [
  { type: 'jpeg', at: 0, bytes: '\xff\xd8\xff' },
  { type: 'png', at: 0, bytes: '\x89PNG\r\n\x1a\n' },
  { type: 'webp', at: 8, bytes: 'WEBP' },
  { type: 'tiff', at: 0, bytes: 'II*\0' },
  { type: 'tiff', at: 0, bytes: 'MM\0*' },
  { type: 'heic', at: 4, bytes: 'ftyphei' },
  { type: 'heic', at: 4, bytes: 'ftyphev' },
  { type: 'heic', at: 4, bytes: 'ftypmif1' },
  { type: 'heic', at: 4, bytes: 'ftypmsf1' },
  { type: 'pdf', at: 0, bytes: '%PDF-' },
];
export type PictureKind = 'jpeg' | 'png' | 'webp' | 'tiff' | 'heic' | 'pdf';

const text = (bytes: Uint8Array, from: number, length: number) =>
  String.fromCharCode(...bytes.subarray(from, from + length));

/** What a file is by its first bytes; undefined for anything that is not read here. */
export function kindOf(bytes: Uint8Array): PictureKind | undefined {
  return STARTS.find(({ at, bytes: start }) => text(bytes, at, start.length) === start)?.type;
}

const unreadable = (why: string) => new Problem('photo', why);
const broken = () =>
  unreadable(
    'This picture cannot be read: it is damaged, or its content does not match its type. Take it again, as JPEG or PNG.',
  );
const tooLarge = () =>
  unreadable(
    `This picture has more than ${MOST_PIXELS / 1e6} million pixels; the nearest that works is one of ${MOST_PIXELS / 1e6} million. Scan at 300 dpi, or make it smaller.`,
  );

/**
 * Decodes one channel of a picture, rotated by its orientation tag; all other metadata is dropped.
 * @throws Problem where the format is not supported, or the picture is damaged or too large.
 */
export async function decode(bytes: Uint8Array, channel: Channel): Promise<Bytes> {
  const kind = kindOf(bytes);
  switch (kind) {
    case undefined:
      throw unreadable(
        'This kind of file cannot be measured. JPEG, PNG, WebP, TIFF, HEIC and scans in a PDF can.',
      );
    case 'heic':
      return decodeHeic(bytes, channel);
    case 'pdf':
      return (await import('./pdfApart')).readPdfApart(bytes, channel);
    default:
      return decodeWith(sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error', pages: 1 }), channel);
  }
}

/** Through sharp: turned, made small where it is huge, a byte a pixel. */
async function decodeWith(image: Sharp, channel: Channel): Promise<Bytes> {
  try {
    const { width = 0, height = 0 } = await image.metadata();
    if (width * height > MOST_PIXELS) throw tooLarge();
    checkSize(width, height);
    const turned = image
      .rotate()
      .flatten({ background: '#ffffff' })
      .toColourspace('srgb')
      .resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside', withoutEnlargement: true })
      .removeAlpha();
    const one = channel === 'light' ? turned.greyscale() : turned.extractChannel(channel);
    const { data, info } = await one.raw({ depth: 'uchar' }).toBuffer({ resolveWithObject: true });
    return { width: info.width, height: info.height, data };
  } catch (error) {
    if (error instanceof Problem) throw error;
    throw /pixel limit|exceeds/i.test(String(error)) ? tooLarge() : broken();
  }
}

function checkSize(width: number, height: number): void {
  if (Math.min(width, height) < LEAST_SIDE) {
    throw unreadable(
      `The picture is too small to read: ${width} × ${height} pixels. Go nearer, or send the original: the shorter side needs ${LEAST_SIDE} at least.`,
    );
  }
}

async function decodeHeic(bytes: Uint8Array, channel: Channel): Promise<Bytes> {
  const { default: heic } = await import('heic-decode');
  try {
    const images = await heic.all({ buffer: bytes });
    try {
      const [first] = images;
      if (!first) throw broken();
      if (first.width * first.height > MOST_PIXELS) throw tooLarge();
      checkSize(first.width, first.height);
      const { data, width, height } = await first.decode();
      return channelOf(
        new Uint8Array(data.buffer, data.byteOffset, data.byteLength),
        width,
        height,
        4,
        channel,
      );
    } finally {
      images.dispose();
    }
  } catch (error) {
    throw error instanceof Problem ? error : broken();
  }
}
