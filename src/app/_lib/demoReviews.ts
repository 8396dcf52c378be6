import 'server-only';
import { DEMO_WRITING, type DemoWriting } from '@/core/camera/demoWriting';
import { dateReview } from '@/store/reviews';
import { simulatedPhoto } from './camera';
import { log } from './log';
import { reviewLines } from './review';
import { setUnderWay } from './underWay';

const WEEK = 7 * 24 * 60 * 60 * 1000;
/** Client under which the press counts these files. */
const CLIENT = 'demo';

/** Has a page written, photographed and measured; answers the id of its review. @throws Error where it was refused. */
async function measured({ print, camera }: DemoWriting): Promise<string> {
  const { signal } = new AbortController();
  const photo = await simulatedPhoto({ print, page: 1, camera }, CLIENT, signal);
  for await (const line of reviewLines(photo, { page: 1 }, CLIENT, signal)) {
    if ('kept' in line) return line.kept;
    if ('error' in line) throw new Error(line.error.message);
  }
  throw new Error('the measuring ended without a review');
}

/** Announces that the demo's pages will be measured. */
export const announceDemoPages = (): void => setUnderWay({ done: 0, of: DEMO_WRITING.length });

/**
 * Has the demo's pages written, scanned and measured, one after the other, and dates them back, so that charts over time have a
 * past to show. They are measured by this engine on this machine, not brought along; without them the demo lacks nothing else.
 */
export async function reviewDemoPages(now: Date): Promise<void> {
  try {
    for (const [done, page] of DEMO_WRITING.entries()) {
      setUnderWay({ done, of: DEMO_WRITING.length });
      await dateReview(await measured(page), new Date(now.getTime() - page.weeksAgo * WEEK));
    }
  } catch (error) {
    log.warn({ err: error }, 'the pages of the demo could not all be reviewed');
  } finally {
    setUnderWay(undefined);
  }
}
