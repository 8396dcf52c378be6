import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      'server-only': fileURLToPath(new URL('./tests/empty.ts', import.meta.url)),
    },
  },
  test: {
    chaiConfig: { truncateThreshold: 0 },
    include: ['src/**/*.test.ts', 'tests/{unit,approved}/**/*.test.ts'],
    benchmark: { include: ['bench/**/*.bench.ts'] },
    setupFiles: ['tests/setup.ts'],
    testTimeout: 180_000,
    // Both cores: by itself the runner leaves one free.
    maxWorkers: 2,
  },
});
