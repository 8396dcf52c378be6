import type { Answered } from '@/core/desk/routes';
import { Problem } from '@/core/problem/problem';
import { call } from './api';

/** Widest and highest a kept photo is, in pixels. */
const SIDE = 640;
const QUALITY = 0.8;
/** Largest picture file looked at, in bytes. */
const LARGEST = 20 * 1024 * 1024;

/**
 * Makes a picture small and keeps it. Answers its id.
 * @throws Problem when it is no picture, or too large to be looked at.
 */
export async function keepPhoto(file: File): Promise<string> {
  if (file.size > LARGEST) {
    throw new Problem(
      'photo',
      `“${file.name}” is larger than ${LARGEST / 1024 / 1024} MB; choose a smaller picture.`,
    );
  }
  const noPicture = () =>
    new Problem(
      'photo',
      `“${file.name}” is not a picture this browser can read; choose a PNG, JPEG or WebP.`,
    );
  const bitmap = await createImageBitmap(file).catch(() => {
    throw noPicture();
  });
  const scale = Math.min(1, SIDE / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  const small = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  if (!small) throw noPicture();
  const answer = await call('/api/pictures', { method: 'POST', body: small });
  const kept: Answered['POST /api/pictures'] = await answer.json();
  return kept.id;
}
