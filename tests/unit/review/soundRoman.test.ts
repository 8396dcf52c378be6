import { expect, it } from 'vitest';
import { habitsFor, shotFor, USUAL_CAMERA } from '@/core/camera/settings';
import { lookedAt, ofA5, pageOfRows, reviewedFrom, smaller, taken } from '../../support/review/pages';

it('a sound page of Roman capitals is one page, and none of its letters lacks a stroke', async () => {
  const letters = ['Q', 'R', 'O', 'K'];
  const printed = await pageOfRows('roman', letters, { small: true });
  const settings = { ...USUAL_CAMERA, seed: 3, angle: 0, slope: 0 };
  const shot = ofA5(smaller(shotFor(settings, { width: 210, height: 297 })));
  const { jpeg } = await taken(printed, habitsFor(settings, letters), shot);
  const looked = await lookedAt(jpeg);
  expect(looked.pages).toHaveLength(1);
  const { measuring } = await reviewedFrom(jpeg, printed, looked);
  expect(measuring.rows.map(({ text }) => text)).toEqual(letters);
  expect(measuring.rows.flatMap(({ faults }) => faults.map(({ fault }) => fault))).not.toContain(
    'stroke missing',
  );
  // Capitals stand on their lines: their height is near what was asked, not nothing.
  const body = measuring.figures.find(({ id }) => id === 'body');
  expect(Math.abs((body?.value ?? 0) - (body?.asked ?? 0))).toBeLessThanOrEqual(body?.error ?? 0);
});
