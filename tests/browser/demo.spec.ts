import { type ChildProcess, spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { test as plain } from '@playwright/test';
import { DEMO_WRITING } from '../../src/core/camera/demoWriting';
import { expect, FIRST_PORT, WORKERS } from './desk';

/** A port no server of the tests listens on. */
const PORT = FIRST_PORT + WORKERS;
const DATABASE = 'test-results/db-demo';

/** The demo's server with none of our variables set but those that `scripts/demo.mjs` sets itself. */
function startDemo(): ChildProcess {
  const { PATH, HOME } = process.env;
  const serve = `import('./scripts/serve.mjs').then(({ serve }) => serve(${PORT}))`;
  return spawn(process.execPath, ['-e', serve], {
    env: {
      ...(PATH && { PATH }),
      ...(HOME && { HOME }),
      NODE_ENV: 'production',
      ELVANE_DEMO: '1',
      ELVANE_DB_URL: `file:${DATABASE}/demo.db`,
    },
    stdio: 'ignore',
  });
}

plain(
  'a fresh demo without PORT shows its three evenings in Review and Logbook by itself',
  async ({ page }) => {
    rmSync(DATABASE, { recursive: true, force: true });
    const server = startDemo();
    try {
      const site = `http://127.0.0.1:${PORT}`;
      await expect
        .poll(
          () =>
            fetch(`${site}/api/health/live`).then(
              ({ ok }) => ok,
              () => false,
            ),
          { timeout: 60_000 },
        )
        .toBe(true);
      // The first look comes before the pages are measured; nobody reloads.
      await page.goto(`${site}/review`);
      for (const { title } of DEMO_WRITING) {
        await expect(page.getByTestId('reviews').getByText(title)).toBeVisible({ timeout: 120_000 });
      }
      await page.goto(`${site}/log`);
      for (const { title } of DEMO_WRITING) await expect(page.getByText(title).first()).toBeVisible();
    } finally {
      server.kill();
    }
  },
);
