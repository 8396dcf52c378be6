import { defineConfig } from '@playwright/test';
import { FIRST_PORT, WORKERS } from './tests/browser/desk';

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'test-results/browser',
  workers: WORKERS,
  // A failure on a busy machine is tried once more; what passed only then is counted as passed, and named.
  retries: 1,
  // A busy machine is slow: limits end what hangs, waits end on conditions.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  use: {
    viewport: { width: 1280, height: 800 },
    actionTimeout: 60_000,
    // Traces cost a fifth of the run: `TRACE=1 npm run browser` makes them.
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: Array.from({ length: WORKERS }, (_, i) => ({
    command: `rm -rf test-results/db-${i} && exec node scripts/start.mjs`,
    url: `http://127.0.0.1:${FIRST_PORT + i}/api/health`,
    env: {
      PORT: String(FIRST_PORT + i),
      ELVANE_DEMO: '1',
      ELVANE_DB_URL: `file:test-results/db-${i}/browser.db`,
      ELVANE_COPIES: `test-results/db-${i}/copies`,
      ELVANE_LOG_LEVEL: 'warn',
      NEXT_TELEMETRY_DISABLED: '1',
    },
    gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 30_000 },
  })),
});
