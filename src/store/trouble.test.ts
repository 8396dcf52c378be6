import { DrizzleQueryError } from 'drizzle-orm';
import { expect, it } from 'vitest';
import { troubleOf } from './trouble';

const failed = (params: unknown[], cause: Error) =>
  new DrizzleQueryError('insert into sheets', params, cause);

it('what a store says is put in plain words, however deep it lies', () => {
  const full = Object.assign(new Error('SQLITE_FULL: database or disk is full'), { code: 'SQLITE_FULL' });
  expect(troubleOf(failed([], full))).toMatch(/disk is full/);
  expect(troubleOf(new Error('x', { cause: new TypeError('fetch failed') }))).toMatch(/does not answer/);
  expect(troubleOf(new Error('attempt to write a readonly database'))).toMatch(/read-only/);
});

it('our own faults are none of its, whatever was being kept', () => {
  expect(troubleOf(new TypeError('x is undefined'))).toBeUndefined();
  expect(troubleOf('disk is full')).toBeUndefined();
  // The words of a sheet that was being kept are no reason.
  const constraint = new Error('SQLITE_CONSTRAINT: UNIQUE constraint failed');
  expect(troubleOf(failed(['disk is full, fetch failed'], constraint))).toBeUndefined();
});
