import { STEADY } from '@/core/camera/habits';
import { Problem } from '@/core/problem/problem';
import { hostileFiles } from '../../tests/support/review/hostile';
import {
  firstLetters,
  lookedAt,
  pageOfRows,
  reviewedFrom,
  someShot,
  taken,
} from '../../tests/support/review/pages';

/**
 * Pictures that mean harm, so many of them (2,000), read as the application reads them: each must be refused in words or hold no
 * page. Then thirty good pages in a row: memory must not grow. `npm run pictures -- [files] [pages]`.
 */
const FILES = Number(process.argv[2] ?? 2000);
const PAGES = Number(process.argv[3] ?? 30);
const MB = 1024 * 1024;

async function files(): Promise<void> {
  const log = console.log;
  const tally = { refused: 0, empty: 0, other: 0 };
  let most = 0;
  let slowest = { what: '', ms: 0 };
  for await (const { what, bytes } of hostileFiles(FILES, 7)) {
    const began = performance.now();
    console.log = () => undefined;
    try {
      const { code } = await lookedAt(bytes);
      if (code) tally.other += 1;
      else tally.empty += 1;
    } catch (error) {
      if (error instanceof Problem) tally.refused += 1;
      else {
        tally.other += 1;
        console.error(what, error);
      }
    } finally {
      console.log = log;
    }
    const ms = performance.now() - began;
    if (ms > slowest.ms) slowest = { what, ms };
    most = Math.max(most, process.memoryUsage().rss);
  }
  console.log(
    `${FILES} files: ${tally.refused} refused in words, ${tally.empty} read and no page in them, ${tally.other} otherwise; memory ${Math.round(most / MB)} MB at most; slowest ${Math.round(slowest.ms)} ms (${slowest.what})`,
  );
}

async function pages(): Promise<void> {
  const printed = await pageOfRows('italic', await firstLetters('italic', 6));
  const { jpeg } = await taken(printed, STEADY, someShot(11, 'photo'));
  const seen: number[] = [];
  const cpu: number[] = [];
  for (let i = 0; i < PAGES; i++) {
    const before = process.cpuUsage();
    await reviewedFrom(jpeg, printed);
    const { user, system } = process.cpuUsage(before);
    cpu.push((user + system) / 1000);
    seen.push(process.memoryUsage().rss / MB);
  }
  const of = (from: number, to: number) => Math.round(Math.max(...seen.slice(from, to)));
  const half = PAGES >> 1;
  cpu.sort((a, b) => a - b);
  console.log(
    `${PAGES} pages of 12 million pixels in a row: memory at most ${of(0, half)} MB in the first half, ${of(half, PAGES)} MB in the second; CPU median ${Math.round(cpu[half] ?? 0)} ms a page`,
  );
}

files().then(pages);
