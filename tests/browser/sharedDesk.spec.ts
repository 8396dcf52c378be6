import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { expect, test } from '@playwright/test';

const PORT = 3435;
const DESK = `http://127.0.0.1:${PORT}`;
const PASSPHRASE = 'frost lamp comet tea';
const FOLDER = 'test-results/shared';

test('a session that ends in the midst of work begins again in place, and the edit is kept', async ({
  browser,
}) => {
  rmSync(FOLDER, { recursive: true, force: true });
  const server = spawn(process.execPath, ['scripts/start.mjs'], {
    env: {
      ...process.env,
      PORT: String(PORT),
      ELVANE_HOSTS: 'desk.test',
      ELVANE_PASSPHRASE: PASSPHRASE,
      ELVANE_DB_URL: `file:${FOLDER}/shared.db`,
    },
    stdio: 'ignore',
  });
  try {
    await expect
      .poll(() =>
        fetch(`${DESK}/api/health/live`).then(
          ({ ok }) => ok,
          () => false,
        ),
      )
      .toBe(true);
    const context = await browser.newContext();
    const page = await context.newPage();
    await page.goto(`${DESK}/rule?hand=copperplate`);
    await page.getByLabel('Passphrase').fill(PASSPHRASE);
    await page.getByRole('button', { name: 'Enter' }).click();
    await page.goto(`${DESK}/rule?hand=copperplate`);
    const state = page.getByTestId('save-state');
    await page.getByRole('textbox', { name: 'Name of the sheet' }).fill('Before the session ended');
    await page.keyboard.press('Enter');
    await expect(state).toHaveText('Kept on the shelf');

    await context.clearCookies();
    await page.getByRole('textbox', { name: 'Name of the sheet' }).fill('After it');
    await page.keyboard.press('Enter');
    const waiting = page.getByTestId('waiting');
    await expect(waiting).toContainText('asks for its passphrase again');
    await waiting.getByLabel('Passphrase').fill('something else entirely');
    await waiting.getByRole('button', { name: 'Enter' }).click();
    await expect(waiting.getByRole('alert')).toContainText('That is not it');
    await waiting.getByLabel('Passphrase').fill(PASSPHRASE);
    await waiting.getByRole('button', { name: 'Enter' }).click();
    await expect(waiting).toHaveCount(0);
    await expect(state).toHaveText('Kept on the shelf');
    await page.goto(`${DESK}/shelf`);
    await expect(page.getByRole('link', { name: 'Open After it' })).toBeVisible();
    await context.close();
  } finally {
    server.kill('SIGKILL');
  }
});
