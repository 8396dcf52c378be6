import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const ALL = ['src/**/*.test.ts', 'tests/{unit,approved}/**/*.test.ts'];
/** Tests with modules of their own: they enter hands into the registry, or their inner loops are fastest unmixed. */
const ALONE = ['{src,tests}/**/*.alone.test.ts', 'tests/unit/review/*.test.ts'];

export default defineConfig({
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      'server-only': fileURLToPath(new URL('./tests/empty.ts', import.meta.url)),
    },
  },
  test: {
    chaiConfig: { truncateThreshold: 0 },
    benchmark: { include: ['bench/**/*.bench.ts'] },
    setupFiles: ['tests/setup.ts'],
    testTimeout: 180_000,
    projects: [
      // Letters are compiled once for all files that a worker runs, which halves what the run costs beside its tests.
      { extends: true, test: { name: 'together', include: ALL, exclude: ALONE, isolate: false } },
      { extends: true, test: { name: 'alone', include: ALONE } },
    ],
    // Both cores: by itself the runner leaves one free.
    maxWorkers: 2,
  },
});
