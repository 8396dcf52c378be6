import { spawn } from 'node:child_process';
import { buffer } from 'node:stream/consumers';
import { fileURLToPath } from 'node:url';
import { Problem } from '@/core/problem/problem';
import type { Bytes } from '@/core/raster/grey';
import type { Channel } from './channel';
import { pdfAnswerSchema } from './pdfAnswer';

/** In the built application the press is bundled in one folder; tests use the sources. */
const BUILT = import.meta.url.endsWith('.mjs');
const CHILD = fileURLToPath(new URL(BUILT ? './pdfChild.mjs' : './pdfChild.ts', import.meta.url));
const READING = BUILT ? [] : ['--import', 'tsx'];

const LINE_END = 0x0a;
const broken = () =>
  new Problem('photo', 'This PDF cannot be read: it is broken. Scan the page again, as JPEG or PNG.');

/**
 * The scan in a PDF, read in a process of its own (`pdfChild.ts`).
 * @throws Problem where there is none, or it takes too much time or memory.
 */
export async function readPdfApart(bytes: Uint8Array, channel: Channel): Promise<Bytes> {
  const child = spawn(process.execPath, [...READING, CHILD, channel], { stdio: ['pipe', 'pipe', 'ignore'] });
  // One that has ended before it read everything has said why.
  child.stdin.on('error', () => undefined);
  child.stdin.end(bytes);
  const said = await buffer(child.stdout);
  const at = said.indexOf(LINE_END);
  if (at < 0) throw broken();
  const answer = pdfAnswerSchema.parse(JSON.parse(said.subarray(0, at).toString()));
  if (answer.said === 'problem') throw new Problem('photo', answer.message);
  const { width, height } = answer;
  const data = new Uint8Array(said.subarray(at + 1));
  if (data.length !== width * height) throw broken();
  return { width, height, data };
}
