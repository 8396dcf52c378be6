import { expect, test } from 'vitest';
import { Problem } from '@/core/problem/problem';
import { measuringQueue } from './measuring';

const picture = new Blob(['a']);
const onNote = () => undefined;

test('a picture goes on being measured after the station that brought it is left', async () => {
  let finish: (kept: { kept: string; note: string }) => void = () => undefined;
  const queue = measuringQueue(
    async (_, __, onProgress) =>
      new Promise((done) => {
        onProgress({ words: 'Measuring …', share: 0.5 });
        finish = done;
      }),
  );
  const leave = queue.subscribe(() => undefined);
  const kept = queue.bring([picture], { onNote });
  leave();
  expect(queue.now().progress).toMatchObject({ words: 'Measuring …', share: 0.5 });
  finish({ kept: 'rev-1', note: '' });
  expect(await kept).toEqual(['rev-1']);
  expect(queue.now()).toEqual({ progress: null, failed: null });
});

test('what cannot be measured is told, and the other pictures are measured all the same', async () => {
  let sent = 0;
  const queue = measuringQueue(async () => {
    sent += 1;
    if (sent === 1) throw new Problem('photo', 'No page was found.');
    return { kept: `rev-${sent}`, note: '' };
  });
  expect(await queue.bring([picture, picture], { onNote })).toEqual(['rev-2']);
  expect(queue.now().failed?.message).toBe('No page was found.');
});

test('stopping ends the request, and what it would have brought is not shown', async () => {
  const queue = measuringQueue(
    (_, __, ___, signal) =>
      new Promise((_done, fail) => signal.addEventListener('abort', () => fail(new Error('aborted')))),
  );
  const kept = queue.bring([picture], { onNote });
  queue.stop();
  expect(await kept).toBeUndefined();
  expect(queue.now()).toEqual({ progress: null, failed: null });
});
