/**
 * `npm test`: everything, from a clean clone. Ends with a line `N passed, N failed` that counts unit tests, browser
 * tests, and the checks (format and lint, types, layers, build), each check as one.
 */
import { existsSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { build, installPackages, installTestTools, run, say } from './setup.mjs';

const UNIT_REPORT = 'test-results/unit.json';
const BROWSER_REPORT = 'test-results/browser.json';
/** Characters of a failed test's page that are printed. */
const MOST_OF_A_PAGE = 6000;

await installPackages();
await installTestTools();
rmSync('test-results', { recursive: true, force: true });

let passed = 0;
let failed = 0;
const began = Date.now();
/** How long everything has taken so far: the whole must stay under fifteen minutes. */
const clock = () => `${Math.round((Date.now() - began) / 1000)} s so far`;
const count = (good) => {
  if (good) passed += 1;
  else failed += 1;
};

async function check(name, command, args) {
  say(`${name} (${clock()})`);
  count((await run(command, args)) === 0);
}

/** A runner's own counts; a runner that left no report is one failure. */
async function suite(name, args, env, report, read) {
  say(`${name} (${clock()})`);
  const code = await run('npx', args, env);
  if (!existsSync(report)) return count(false);
  const totals = read(JSON.parse(readFileSync(report, 'utf8')));
  passed += totals.passed;
  failed += totals.failed;
  // A runner that failed without a failed test (an error outside of any) must not pass.
  if (code !== 0 && totals.failed === 0) failed += 1;
  // An empty suite is no success.
  if (totals.passed + totals.failed === 0) failed += 1;
}

await check('Format and lint', 'npx', ['biome', 'ci', '.']);
await check('Types', 'npm', ['run', '--silent', 'types']);
await check('Layers', 'npm', ['run', '--silent', 'layers']);
await suite(
  'Unit tests',
  ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${UNIT_REPORT}`],
  {},
  UNIT_REPORT,
  ({ numPassedTests, numFailedTests }) => ({ passed: numPassedTests, failed: numFailedTests }),
);
await build();
count(true);
await suite(
  'Browser tests',
  ['playwright', 'test', '--reporter=list,json'],
  { PLAYWRIGHT_JSON_OUTPUT_NAME: BROWSER_REPORT },
  BROWSER_REPORT,
  ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
);

// The pages as they stood where a browser test failed: what is run elsewhere can be understood from its output.
const traces = 'test-results/browser';
for (const name of existsSync(traces) ? readdirSync(traces) : []) {
  const path = `${traces}/${name}/error-context.md`;
  if (existsSync(path)) console.log(`\n${path}\n${readFileSync(path, 'utf8').slice(0, MOST_OF_A_PAGE)}`);
}

console.log(`\n${clock()}`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
