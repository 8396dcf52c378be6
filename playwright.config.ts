import { defineConfig } from '@playwright/test';

const PORT = 3417;

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'test-results/browser',
  workers: 1,
  // A busy machine is slow: limits end what hangs, waits end on conditions.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    actionTimeout: 30_000,
    trace: 'retain-on-failure',
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
  webServer: {
    command: `rm -rf test-results/db && exec node node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${PORT}`,
    url: `http://127.0.0.1:${PORT}/api/health`,
    env: {
      ELVANE_DEMO: '1',
      ELVANE_DB_URL: 'file:test-results/db/browser.db',
      ELVANE_LOG_LEVEL: 'warn',
      NEXT_TELEMETRY_DISABLED: '1',
    },
    gracefulShutdown: { signal: 'SIGTERM', timeout: 30_000 },
  },
});
