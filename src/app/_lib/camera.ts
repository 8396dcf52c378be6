import 'server-only';
import { type CameraSettings, habitsFor, shotFor } from '@/core/camera/settings';
import { codeOf, dueOn, handsOn, sizeOf } from '@/core/document/keptPage';
import { loadScript } from '@/core/hands/scripts';
import { print as inPress } from '@/press/press';
import { findPrinted } from '@/store/printedPages';
import { Refusal } from './http';
import { wholeFile } from './pages';

/**
 * A printed page, written by the simulated hand and taken by the simulated camera: a JPEG.
 * @throws Refusal 404 where this desk has printed no such page, and what the press throws.
 */
export async function simulatedPhoto(
  { print, page, camera }: { readonly print: string; readonly page: number; readonly camera: CameraSettings },
  client: string,
  signal: AbortSignal,
): Promise<Buffer> {
  const printed = await findPrinted(print, page);
  if (!printed) throw new Refusal(404, 'No such page was printed at this desk.');
  const { kept } = printed;
  await Promise.all(handsOn(kept).map(loadScript));
  const texts = (dueOn(kept) ?? []).map(({ due }) => due.figure.text);
  const { steps } = await inPress(
    {
      kind: 'camera',
      page: kept,
      code: codeOf(print, kept),
      habits: habitsFor(camera, texts),
      shot: shotFor(camera, sizeOf(kept)),
    },
    client,
    signal,
  );
  return wholeFile(steps);
}
