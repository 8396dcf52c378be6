import 'server-only';
import { notSafelyShared } from '@/guard/session';
import { closeDatabase, fileOf, openDatabase } from '@/store/client';
import { damagesOf } from '@/store/damage';
import { seedDemo } from '@/store/demo';
import { movePhotos } from '@/store/oldPhotos';
import { dropUnusedPictures } from '@/store/pictures';
import { purgeSheets } from '@/store/sheets';
import { mendStudy } from '@/store/study';
import { troubleOf } from '@/store/trouble';
import { startCopies } from './copies';
import { announceDemoPages, reviewDemoPages } from './demoReviews';
import { log } from './log';
import { warmUp } from './warmUp';

/** Time until a deleted sheet is removed for good, in ms: thirty days. */
const KEEP_DELETED = 30 * 24 * 60 * 60 * 1000;

/** Time until an unreferenced picture is removed, in ms: one day, so that removing a thing can be undone. */
const KEEP_UNUSED = 24 * 60 * 60 * 1000;

/** Delay of background work after the start, in ms, so that first requests go first. */
const LATER = 1500;

/** Opens and migrates the database; if that fails, the process ends with a clear message. */
export async function start(): Promise<void> {
  const unsafe = notSafelyShared();
  if (unsafe) {
    log.fatal(unsafe);
    process.exit(1);
  }
  const demo = process.env.ELVANE_DEMO === '1';
  let seeded = false;
  try {
    const database = await openDatabase();
    await movePhotos(database, new Date());
    await dropUnusedPictures(new Date(Date.now() - KEEP_UNUSED));
    await purgeSheets(new Date(Date.now() - KEEP_DELETED));
    await mendStudy();
    seeded = demo && (await seedDemo(new Date()));
  } catch (error) {
    const trouble = troubleOf(error) ?? 'Check ELVANE_DB_URL.';
    log.fatal({ err: error }, `the database could not be opened or migrated. ${trouble}`);
    process.exit(1);
  }
  for (const { name, at } of await damagesOf(fileOf())) {
    log.error({ name, at }, 'a damaged database was put aside; Workshop says what can be restored');
  }
  log.info({ demo }, 'ready');
  process.once('exit', closeDatabase);
  if (process.env.NODE_ENV !== 'production') return;
  // Announced before the first answer, so that Review says from the start that pages are being measured.
  if (seeded) announceDemoPages();
  setTimeout(() => void inTheBackground(seeded), LATER).unref();
}

/** Background work. */
async function inTheBackground(seeded: boolean): Promise<void> {
  startCopies();
  if (seeded) await reviewDemoPages(new Date());
  await warmUp();
}
