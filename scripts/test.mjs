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
/** What failed, by name: said again at the very end, where whoever reads only the end of the output looks. */
const failures = [];
const began = Date.now();
/** How long everything has taken so far: the whole must stay under fifteen minutes. */
const clock = () => `${Math.round((Date.now() - began) / 1000)} s so far`;
function count(name, good) {
  if (good) {
    passed += 1;
    return;
  }
  failed += 1;
  failures.push(name);
}

async function check(name, command, args) {
  say(`${name} (${clock()})`);
  count(name, (await run(command, args)) === 0);
}

/** A runner's own counts; a runner that left no report is one failure. */
async function suite(name, args, env, report, read) {
  say(`${name} (${clock()})`);
  const code = await run('npx', args, env);
  if (!existsSync(report)) return count(`${name}: the runner left no report`, false);
  const { passed: good, failed: bad } = read(JSON.parse(readFileSync(report, 'utf8')));
  passed += good;
  failed += bad.length;
  failures.push(...bad);
  if (code !== 0 && bad.length === 0) count(`${name}: an error outside of any test`, false);
  if (good + bad.length === 0) count(`${name}: no test was run`, false);
}

/** Names of the failed tests in a report of the unit tests' runner: file, then test. */
const failedUnits = ({ testResults }) =>
  testResults.flatMap(({ name, assertionResults }) =>
    assertionResults
      .filter(({ status }) => status === 'failed')
      .map(({ fullName }) => `${name} › ${fullName}`),
  );

/** Names of the failed tests in a report of the browser tests' runner, whose suites lie within each other. */
const failedInBrowser = ({ suites = [], specs = [] }) => [
  ...specs
    .filter(({ tests }) => tests.some(({ status }) => status === 'unexpected'))
    .map(({ file, line, title }) => `${file}:${line} › ${title}`),
  ...suites.flatMap(failedInBrowser),
];

await check('Format and lint', 'npx', ['biome', 'ci', '.']);
await check('Types', 'npm', ['run', '--silent', 'types']);
await check('Layers', 'npm', ['run', '--silent', 'layers']);
await suite(
  'Unit tests',
  ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${UNIT_REPORT}`],
  {},
  UNIT_REPORT,
  (report) => ({ passed: report.numPassedTests, failed: failedUnits(report) }),
);
await build();
count('Build', true);
await suite(
  'Browser tests',
  ['playwright', 'test', '--reporter=list,json'],
  { PLAYWRIGHT_JSON_OUTPUT_NAME: BROWSER_REPORT },
  BROWSER_REPORT,
  (report) => ({ passed: report.stats.expected + report.stats.flaky, failed: failedInBrowser(report) }),
);

// The pages as they stood where a browser test failed: what is run elsewhere can be understood from its output.
const traces = 'test-results/browser';
for (const name of existsSync(traces) ? readdirSync(traces) : []) {
  const path = `${traces}/${name}/error-context.md`;
  if (existsSync(path)) console.log(`\n${path}\n${readFileSync(path, 'utf8').slice(0, MOST_OF_A_PAGE)}`);
}

console.log(`\n${clock()}`);
for (const name of failures) console.log(`✘ ${name}`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
