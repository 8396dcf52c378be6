/**
 * Mutation testing: `npm run mutants [paths]` (docs/testing.md). Not part of `npm test`: it shows where tests only look.
 * Static mutants took 97 % of the time of a first try, and the suites that cover everything made each mutant slow;
 * both are left out.
 */
export default {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutants.config.ts', related: false },
  ignoreStatic: true,
  coverageAnalysis: 'perTest',
  concurrency: 2,
  timeoutMS: 20_000,
  tempDirName: '.cache/stryker',
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: 'test-results/mutants.json' },
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  disableTypeChecks: false,
};
