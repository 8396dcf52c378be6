import { once } from 'node:events';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import type { MessagePort } from 'node:worker_threads';
import { Problem } from '@/core/problem/problem';
import type { Job } from './job';
import type { Said, Told } from './message';
import { begin } from './printing';

// A picture's pixels lie outside the heap, a quarter of a GB for A3 at 600 dpi: nothing would make the collector hurry.
setFlagsFromString('--expose-gc');
const collect = runInNewContext('gc');

const turn = () => new Promise((resolve) => setImmediate(resolve));

const PIXELS: ReadonlySet<Job['kind']> = new Set(['look', 'review', 'sample', 'camera']);

/** Is this job a picture in the end? */
const drawsPixels = (job: Job): boolean =>
  PIXELS.has(job.kind) || ('as' in job && typeof job.as === 'object' && job.as.format === 'png');

/**
 * Makes one file in a thread of the press (`press.ts`), a step ahead of its reader: `more` asks for what comes next, `stop`
 * ends the work.
 */
export default async function work({ job, port }: { job: Job; port: MessagePort }): Promise<void> {
  const say = (said: Said) => port.postMessage(said);
  say({ said: 'taken up' });
  try {
    const { title, pages, leftOut, steps } = await begin(job);
    // What cannot be done at all shows at the first step, before anything is sent.
    let step = await steps.next();
    say({ said: 'begun', title, pages, leftOut });
    for (;;) {
      const [told]: Told[] = await once(port, 'message');
      if (told === 'stop') {
        await steps.return(undefined);
        break;
      }
      if (step.done) {
        say({ said: 'done' });
        break;
      }
      say({ said: 'step', step: step.value });
      step = await steps.next();
    }
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    const { field, message, offers } = error;
    say({ said: 'problem', field, message, offers });
  } finally {
    port.close();
    if (drawsPixels(job)) {
      // Pixels are given back when the collected object is finalised, which is done between two turns.
      await turn();
      collect();
      await turn();
    }
  }
}
