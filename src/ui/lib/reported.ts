import { linesOf } from './lines';

/** A line of a file that is sent with its progress (app/_lib/pages.ts): a part of it in base64, or how far it is. */
type Line<P> = P | { readonly chunk: string };

const isPart = <P extends object>(line: Line<P>): line is { readonly chunk: string } => 'chunk' in line;

/** The parts of a file that comes with its progress, in order; `onProgress` is told of every step. */
export async function readReported<P extends object>(
  response: Response,
  onProgress: (progress: P) => void,
): Promise<Uint8Array<ArrayBuffer>[]> {
  const parts: Uint8Array<ArrayBuffer>[] = [];
  for await (const line of linesOf(response)) {
    const read: Line<P> = JSON.parse(line);
    if (isPart(read)) parts.push(Uint8Array.from(atob(read.chunk), (c) => c.charCodeAt(0)));
    else onProgress(read);
  }
  return parts;
}
