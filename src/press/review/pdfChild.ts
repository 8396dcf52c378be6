import { buffer } from 'node:stream/consumers';
import { Worker } from 'node:worker_threads';
import { Problem } from '@/core/problem/problem';
import { CHANNELS, type Channel } from './channel';
import type { PdfAnswer } from './pdfAnswer';
import { decodePdf } from './scannedPdf';

/**
 * Reads the scan in one PDF in a separate process: the unpacked size of a PDF is unpredictable, and only a process returns all of its
 * memory. The PDF comes on the standard input; a line of JSON goes out (`PdfAnswer`), then the picture's bytes.
 */

/** Maximum memory of the process, in bytes: a page of fifty million pixels takes half of it. */
const MOST_MEMORY = 1_000_000_000;
const LOOKED_AT = 50;
/** Longest that reading may take, in ms: less than the press waits for. */
const LONGEST = 45_000;

const line = (answer: PdfAnswer) => `${JSON.stringify(answer)}\n`;
const problem = (why: string) =>
  line({ said: 'problem', message: `${why} Scan or photograph the page again, as one JPEG or PNG.` });

/** The thread that looks after time and memory, which the one that reads may be too busy to do; it is no module, to be the same bundled and not. */
const LOOKS_AFTER = `
  const { workerData: { most, every, longest, tooMuch, tooLong } } = require('node:worker_threads');
  const end = (said) => {
    require('node:fs').writeSync(1, said);
    process.kill(process.pid, 'SIGKILL');
  };
  setInterval(() => process.memoryUsage.rss() > most && end(tooMuch), every);
  setTimeout(end, longest, tooLong);
`;

async function said(bytes: Uint8Array, channel: Channel): Promise<readonly (string | Uint8Array)[]> {
  try {
    const { width, height, data } = await decodePdf(bytes, channel);
    return [line({ said: 'picture', width, height }), data];
  } catch (error) {
    if (error instanceof Problem) return [line({ said: 'problem', message: error.message })];
    throw error;
  }
}

const bytes = new Uint8Array(await buffer(process.stdin));
const lookingAfter = new Worker(LOOKS_AFTER, {
  eval: true,
  execArgv: [],
  workerData: {
    most: MOST_MEMORY,
    every: LOOKED_AT,
    longest: LONGEST,
    tooMuch: problem('This PDF unpacks to more than can be read here.'),
    tooLong: problem('This PDF takes too long to read.'),
  },
});
const answer = await said(bytes, CHANNELS.find((channel) => channel === process.argv[2]) ?? 'light');
await lookingAfter.terminate();
for (const part of answer) process.stdout.write(part);
