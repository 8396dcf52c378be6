import 'server-only';
import { DEMO_WRITING, type DemoWriting } from '@/core/camera/demoWriting';
import { dateReview } from '@/store/reviews';
import { askItself } from './askItself';
import { log } from './log';

const WEEK = 7 * 24 * 60 * 60 * 1000;

/** The id of the review a stream of lines ends with. @throws Error where it was refused. */
async function keptBy(response: Response): Promise<string> {
  const last: unknown = JSON.parse((await response.text()).trim().split('\n').at(-1) ?? '{}');
  if (typeof last === 'object' && last && 'kept' in last && typeof last.kept === 'string') return last.kept;
  throw new Error(`no review: ${JSON.stringify(last)}`);
}

async function written({ print, weeksAgo, camera }: DemoWriting, now: Date): Promise<void> {
  const picture = await askItself('/api/review/camera', JSON.stringify({ print, page: 1, camera }));
  const id = await keptBy(await askItself('/api/review', await picture.arrayBuffer(), 'image/jpeg'));
  await dateReview(id, new Date(now.getTime() - weeksAgo * WEEK));
}

/**
 * Has the demo's pages written, scanned and measured, one after the other, and dates them back: what is over time has a
 * past to show. They are measured by this engine on this machine, not brought along; without them the demo lacks nothing else.
 */
export async function reviewDemoPages(now: Date): Promise<void> {
  try {
    for (const page of DEMO_WRITING) await written(page, now);
  } catch (error) {
    log.warn({ err: error }, 'the pages of the demo could not all be reviewed');
  }
}
