import { execFile } from 'node:child_process';
import { expect, it } from 'vitest';
import { z } from 'zod';

/** What the registry answers where it can be asked; anything else is no answer. */
const reportSchema = z.object({
  metadata: z.object({ vulnerabilities: z.object({ total: z.int() }) }),
  vulnerabilities: z.record(z.string(), z.unknown()),
});
const PATIENCE = 60_000;

/** The report on the packages that ship; undefined where the registry cannot be asked, or answers nothing of the kind. */
const reported = (): Promise<z.infer<typeof reportSchema> | undefined> =>
  new Promise((resolve) => {
    const asked = ['audit', '--omit=dev', '--json', '--fetch-retries=0', '--fetch-timeout=20000'];
    // It ends with an error where it finds something: what it says counts.
    execFile('npm', asked, { timeout: PATIENCE }, (_, said) => {
      try {
        resolve(reportSchema.safeParse(JSON.parse(said)).data);
      } catch {
        resolve(undefined);
      }
    });
  });

it(
  'nothing that ships is known to be unsafe',
  async ({ skip }) => {
    const report = await reported();
    if (!report) return skip('the registry cannot be asked here');
    expect(Object.keys(report.vulnerabilities)).toEqual([]);
  },
  2 * PATIENCE,
);
