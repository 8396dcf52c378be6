/** Accepted pictures: photos of things on the bench. */
export const PICTURE_TYPES = ['image/png', 'image/jpeg', 'image/webp'] as const;
export type PictureType = (typeof PICTURE_TYPES)[number];

/** Largest picture kept, in bytes: far more than a photo of a nib needs once it is made small. */
export const PICTURE_BYTES = 600_000;

/** A picture is known by its content: the first 40 hexadecimal digits of its SHA-256, so it is kept once. */
export const PICTURE_ID = /^[0-9a-f]{40}$/;

/** The name a picture's file ends in. */
export const ENDINGS: Readonly<Record<PictureType, string>> = {
  'image/png': 'png',
  'image/jpeg': 'jpg',
  'image/webp': 'webp',
};

const text = (bytes: Uint8Array, from: number, to: number) =>
  String.fromCharCode(...bytes.subarray(from, to));

/** What a picture is by its first bytes, whatever its name says; undefined for anything else. */
export function pictureTypeOf(bytes: Uint8Array): PictureType | undefined {
  if (text(bytes, 0, 8) === '\x89PNG\r\n\x1a\n') return 'image/png';
  if (text(bytes, 0, 3) === '\xff\xd8\xff') return 'image/jpeg';
  if (text(bytes, 0, 4) === 'RIFF' && text(bytes, 8, 12) === 'WEBP') return 'image/webp';
  return undefined;
}
