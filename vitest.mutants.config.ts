import { defineConfig } from 'vitest/config';
import base from './vitest.config';

/** Paths of the tests that judge, as `npm run mutants` chooses them for a part; all where none are given. */
const only = process.env.MUTANTS_TESTS?.split(' ');

/**
 * The unit tests as one project, each file with modules of its own (what a mutant left in a cache must not reach the
 * next), without the slow suites that cover everything: cells, ink, course, letters, printed pages, simulated photos.
 */
export default defineConfig({
  resolve: base.resolve,
  test: {
    setupFiles: ['tests/setup.ts'],
    testTimeout: base.test?.testTimeout,
    include: only ?? ['src/core/**/*.test.ts', 'tests/{unit,approved}/**/*.test.ts'],
    exclude: [
      'node_modules/**',
      '**/*.alone.test.ts',
      'tests/approved/pages.test.ts',
      'tests/unit/{trueScale,letterProperties,ink,letters,europe,specimen,extremes,wild}.test.ts',
      'tests/unit/practice/{cells,printed,streams,guided,parts}.test.ts',
      'tests/unit/review/{hostile,lettersParts,measuring,pieceGuide,plainSample,promised,register,writable}.test.ts',
      'tests/unit/{begin,architecture}/**',
    ],
  },
});
