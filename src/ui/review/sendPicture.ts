import { lookUp } from '@/core/measure/lookUp';
import { Problem } from '@/core/problem/problem';
import { call } from '../lib/api';
import { linesOf } from '../lib/lines';

/** Progress of one picture, as a share of the whole, in words. */
export interface Progress {
  readonly words: string;
  readonly share: number;
}

type Line =
  | { readonly stage: string; readonly done: number; readonly of: number }
  | { readonly kept: string; readonly note: string }
  | { readonly error: { readonly message: string; readonly field: string } };

const WORDS: Readonly<Record<string, string>> = {
  looking: 'Looking for the page …',
  straightening: 'Straightening it …',
  measuring: 'Measuring …',
};
/** Looking takes this share of the time. */
const LOOKING = 0.25;

/**
 * Sends a picture to be measured; answers the id of what was found, and a note.
 * @throws Problem with the server's sentence where it cannot be measured.
 */
export async function sendPicture(
  picture: Blob,
  query: string,
  onProgress: (progress: Progress) => void,
  signal: AbortSignal,
): Promise<{ readonly kept: string; readonly note: string }> {
  const response = await call(`/api/review${query}`, { method: 'POST', body: picture, signal });
  for await (const text of linesOf(response)) {
    const line: Line = JSON.parse(text);
    if ('error' in line) throw new Problem(line.error.field, line.error.message);
    if ('kept' in line) return line;
    const share = line.done / line.of;
    onProgress({
      words: lookUp(WORDS, line.stage) ?? 'Working …',
      share: line.stage === 'looking' ? LOOKING * share : LOOKING + (1 - LOOKING) * share,
    });
  }
  throw new Problem('photo', 'Measuring was interrupted; send the picture again.');
}
