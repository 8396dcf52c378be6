/**
 * `npm run tenyears`: ten years of daily sessions with 2,000 photos in a database of their own, and how fast a built server answers
 * with them. Writes the figures of docs/performance.md.
 */
import { rmSync } from 'node:fs';
import { freshRecipe } from '../src/core/document/defaults';
import { loadScript } from '../src/core/hands/scripts';
import type { LoggedSession } from '../src/core/log/sessionCsv';
import { numbersFrom } from '../src/core/measure/seeded';
import { CRITERION_IDS } from '../src/core/practice/criteria';
import { groundOf } from '../src/core/practice/ground';
import { lessonsOf } from '../src/core/practice/lessons';
import { RATINGS } from '../src/core/study/grade';
import { curriculumOf } from '../src/core/study/unit';
import { serve } from './attack/server';

const FOLDER = 'test-results/ten-years';
const PORT = 3492;
const DAYS = 3650;
const PHOTOS = 2000;
const PHOTO_BYTES = 60_000;
const UNITS = 6;
const RUNS = 30;
const AT_A_TIME = 250;
const DAY = 86_400_000;

rmSync(FOLDER, { recursive: true, force: true });
process.env.ELVANE_DB_URL = `file:${FOLDER}/desk.db`;
const { importSessions } = await import('../src/store/logbook');
const { asPicture, savePicture } = await import('../src/store/pictures');
const { closeDatabase } = await import('../src/store/client');

await loadScript('italic');
const random = numbersFrom(10);
const curriculum = curriculumOf(lessonsOf(groundOf(freshRecipe('italic'), { size: 1, held: false })));
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
const now = Date.now();
const sessions: LoggedSession[] = [];
for (let day = DAYS; day > 0; day--) {
  const began = new Date(now - day * DAY);
  let picture: string | undefined;
  if (day <= PHOTOS) {
    const bytes = Buffer.alloc(PHOTO_BYTES, Math.floor(random() * 255));
    Buffer.from([0xff, 0xd8, 0xff, 0xe0]).copy(bytes);
    bytes.writeUInt32LE(day, 8);
    const photo = asPicture(bytes);
    await savePicture(photo, began);
    picture = photo.id;
  }
  sessions.push({
    id: `ses-${String(DAYS - day).padStart(5, '0')}`,
    session: {
      hand: 'italic',
      began: began.toISOString(),
      ended: new Date(began.getTime() + 1_200_000).toISOString(),
      minutes: 20,
      units: Array.from({ length: UNITS }, () => pick(curriculum).key),
      checks: CRITERION_IDS.slice(0, 4).map((criterion) => ({ criterion, rating: pick(RATINGS) })),
      wobbled: [],
      note: 'The dome was cold and the ink slow; arches spring from the stem, feet on the line.',
      kit: {},
      ...(picture && { picture }),
    },
  });
}
const started = performance.now();
// One import works everything out anew: the first parts go straight in.
for (let i = 0; i < sessions.length; i += AT_A_TIME * 15)
  await importSessions(sessions.slice(i, i + AT_A_TIME * 15));
console.log(`${DAYS} sessions imported and worked out in ${Math.round(performance.now() - started)} ms`);
closeDatabase();

const server = await serve({ port: PORT, env: { ELVANE_DB_URL: `file:${FOLDER}/desk.db` } });
const memory = async () => {
  const { readFileSync } = await import('node:fs');
  const text = readFileSync(`/proc/${server.pid}/status`, 'utf8');
  return Math.round(Number(/VmRSS:\s+(\d+)/.exec(text)?.[1] ?? 0) / 1024);
};
const PATHS = [
  '/today',
  '/log',
  '/api/log',
  '/api/log?text=arches',
  '/api/log/letters?hand=italic',
  '/api/log/unit?hand=italic&unit=letter:n',
  '/api/log/summary?weeks=12',
  '/api/log/summary?weeks=520',
];
console.log(`memory at first: ${await memory()} MB`);
for (const path of PATHS) {
  const times: number[] = [];
  for (let run = 0; run < RUNS; run++) {
    const began = performance.now();
    await (await fetch(`${server.base}${path}`)).arrayBuffer();
    times.push(performance.now() - began);
  }
  times.sort((a, b) => a - b);
  const at = (share: number) => Math.round(times[Math.floor(share * (RUNS - 1))] as number);
  console.log(`| \`${path}\` | ${at(0.5)} ms | ${at(0.95)} ms |`);
}
let list = (await (await fetch(`${server.base}/api/log`)).json()) as {
  entries: { at: string; id: string }[];
};
let screens = 0;
const scrolling = performance.now();
while (list.entries.length > 0) {
  const last = list.entries.at(-1);
  screens += 1;
  list = await (await fetch(`${server.base}/api/log?at=${last?.at}&id=${last?.id}`)).json();
}
console.log(
  `scrolled to the beginning: ${screens} screens in ${Math.round(performance.now() - scrolling)} ms`,
);
console.log(`memory at last: ${await memory()} MB`);
await server.end('SIGKILL');
