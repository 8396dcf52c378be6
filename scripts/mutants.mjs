/**
 * `npm run mutants [paths]`: mutation testing of parts of the core, a folder at a time. A folder of many mutants is
 * sampled: every n-th of its files' lines, the same ones each time, so that scores can be compared.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** Parts of the core, each with the tests that judge it; a part without tests of its own is judged by all fast ones. */
const PARTS = {
  'src/core/sheet': [],
  'src/core/type': [],
  'src/core/pen': [],
  'src/core/hand': [],
  'src/core/hands': [],
  'src/core/kit': [],
  'src/core/practice/words': [],
  'src/core/geometry': ['src/core/geometry/*.test.ts'],
  'src/core/measure': ['src/core/measure/*.test.ts'],
  'src/core/raster': ['src/core/raster/*.test.ts'],
  'src/core/register': ['src/core/register/*.test.ts'],
  'src/core/review': [
    'src/core/review/*.test.ts',
    'tests/unit/review/{faults,lettersParts,marks,nextPage,written}.test.ts',
    'tests/approved/remarks.test.ts',
  ],
};
const REPORT = 'test-results/mutants.json';

/** Lines mutated of a part at most: what two cores get through in some five minutes. */
const MOST_LINES = 170;
/** Lines that are mutated together, so that what hangs together is. */
const BLOCK = 12;

const filesIn = (path) =>
  statSync(path).isFile()
    ? [path]
    : readdirSync(path)
        .flatMap((name) => filesIn(join(path, name)))
        .filter((file) => /\.ts$/.test(file) && !/\.test\.ts$|checks\.ts$|demoBench\.ts$/.test(file));

/** Blocks of lines, evenly spread over all files. */
function sample(files) {
  const blocks = files.flatMap((file) => {
    const lines = readFileSync(file, 'utf8').split('\n').length;
    return Array.from({ length: Math.ceil(lines / BLOCK) }, (_, i) => {
      return `${file}:${i * BLOCK + 1}-${Math.min(lines, (i + 1) * BLOCK)}`;
    });
  });
  const every = Math.max(1, Math.ceil((blocks.length * BLOCK) / MOST_LINES));
  return blocks.filter((_, i) => i % every === Math.floor(every / 2));
}

const wanted = process.argv.slice(2);
for (const part of wanted.length > 0 ? wanted : Object.keys(PARTS)) {
  const ranges = sample(filesIn(part));
  console.log(`\n${part}: ${ranges.length} blocks of lines`);
  rmSync(REPORT, { force: true });
  const tests = PARTS[part] ?? [];
  const run = spawnSync('npx', ['stryker', 'run', '--mutate', ranges.join(',')], {
    encoding: 'utf8',
    env: { ...process.env, ...(tests.length > 0 && { MUTANTS_TESTS: tests.join(' ') }) },
  });
  process.stdout.write(run.stdout);
  if (!existsSync(REPORT)) {
    console.error(`${part}: no report\n${run.stderr}`);
    process.exitCode = 1;
    continue;
  }
  const report = JSON.parse(readFileSync(REPORT, 'utf8'));
  const counts = {};
  for (const { mutants } of Object.values(report.files)) {
    for (const { status } of mutants) counts[status] = (counts[status] ?? 0) + 1;
  }
  const killed = (counts.Killed ?? 0) + (counts.Timeout ?? 0);
  const all = killed + (counts.Survived ?? 0) + (counts.NoCoverage ?? 0);
  console.log(`${part}: ${((100 * killed) / all).toFixed(1)} % of ${all} mutants found`, counts);
}
