import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { call } from './api';
import { callUntilKept, readUntilAnswered, sendWhatWaits, waitAfter, whyWaiting } from './patience';

/** A server that is away until told otherwise; what it was sent, and in which order. */
function server() {
  const seen: string[] = [];
  const state = { away: true, refuses: false };
  vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
    if (state.away) throw new TypeError('fetch failed');
    seen.push(JSON.parse(body));
    return state.refuses
      ? Response.json({ error: { field: 'hours', message: 'No.' } }, { status: 422 })
      : Response.json({});
  });
  return { seen, state };
}

beforeEach(() => vi.useFakeTimers());
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

it('a change waits where the session is over, and is sent once the passphrase was said again', async () => {
  let entered = false;
  const seen: string[] = [];
  vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
    if (!entered) return Response.json({ error: { message: 'This desk is shared.' } }, { status: 401 });
    seen.push(JSON.parse(body));
    return Response.json({});
  });
  const sent = callUntilKept('/api/items', { method: 'PATCH', json: 'an edit' });
  await vi.advanceTimersByTimeAsync(30_000);
  expect(seen).toEqual([]);
  expect(whyWaiting()).toMatchObject({ says: expect.stringMatching(/passphrase again/), loggedOut: true });
  entered = true;
  await vi.advanceTimersByTimeAsync(11_000);
  await sent;
  expect(seen).toEqual(['an edit']);
  expect(whyWaiting()).toBeUndefined();
});

it('changes wait for a server that is away, and arrive once and in their order', async () => {
  const { seen, state } = server();
  const sent = ['a', 'b', 'c'].map((json) => callUntilKept('/api/items', { method: 'PUT', json }));
  await vi.advanceTimersByTimeAsync(30_000);
  expect(seen).toEqual([]);
  expect(whyWaiting()).toMatchObject({ says: expect.stringMatching(/does not answer/), loggedOut: false });
  state.away = false;
  await vi.advanceTimersByTimeAsync(60_000);
  await Promise.all(sent);
  expect(seen).toEqual(['a', 'b', 'c']);
  expect(whyWaiting()).toBeUndefined();
});

it('what is refused for good is said at once, and holds nothing up', async () => {
  const { seen, state } = server();
  Object.assign(state, { away: false, refuses: true });
  await expect(callUntilKept('/api/items', { method: 'PUT', json: 'bad' })).rejects.toThrow('No.');
  state.refuses = false;
  await callUntilKept('/api/items', { method: 'PUT', json: 'good' });
  expect(seen).toEqual(['bad', 'good']);
  expect(whyWaiting()).toBeUndefined();
});

it('a store that is away is asked soon, then less often, never rarely', () => {
  const waits = Array.from({ length: 12 }, (_, i) => waitAfter(i + 1));
  expect(waits[0]).toBeLessThanOrEqual(1000);
  expect(waits).toEqual([...waits].sort((a, b) => a - b));
  // However long it was away, what waits is sent at once after its return.
  expect(Math.max(...waits)).toBeLessThanOrEqual(2000);
});

it('a window that closes sees off what still waited for an earlier change', async () => {
  const sent: { readonly body: string; readonly keepalive: boolean }[] = [];
  let answer = () => {};
  const slow = new Promise<void>((done) => {
    answer = done;
  });
  vi.stubGlobal('fetch', async (_: string, { body, keepalive }: { body: string; keepalive?: boolean }) => {
    sent.push({ body: JSON.parse(body), keepalive: keepalive === true });
    await slow;
    return Response.json({});
  });
  const both = ['inches', 'paper'].map((json) => callUntilKept('/api/about', { method: 'PUT', json }));
  await vi.advanceTimersByTimeAsync(0);
  expect(sent).toEqual([{ body: 'inches', keepalive: false }]);
  sendWhatWaits();
  expect(sent.at(-1)).toEqual({ body: 'paper', keepalive: true });
  answer();
  await Promise.all(both);
  sendWhatWaits();
  expect(sent).toHaveLength(3);
});

describe('a read', () => {
  const reading = () => {
    const control = new AbortController();
    const answers: unknown[] = [];
    const done = readUntilAnswered(async (signal) => {
      answers.push(await (await call('/api/items', { json: 'a read', signal })).json());
    }, control.signal);
    return { answers, control, done };
  };

  it('is repeated until the server answers, and the window says meanwhile that it waits', async () => {
    const { state } = server();
    const { answers, done } = reading();
    await vi.advanceTimersByTimeAsync(20_000);
    expect(answers).toEqual([]);
    expect(whyWaiting()).toMatchObject({ says: expect.stringMatching(/does not answer/) });
    state.away = false;
    await vi.advanceTimersByTimeAsync(10_000);
    await done;
    expect(answers).toEqual([{}]);
    expect(whyWaiting()).toBeUndefined();
  });

  it('that nobody wants any more ends, and waits for nothing', async () => {
    const { seen, state } = server();
    const { control, done } = reading();
    await vi.advanceTimersByTimeAsync(3000);
    control.abort();
    expect(whyWaiting()).toBeUndefined();
    state.away = false;
    await vi.advanceTimersByTimeAsync(10_000);
    await done;
    expect(seen).toEqual([]);
  });

  it('that is refused is not repeated', async () => {
    const { seen, state } = server();
    Object.assign(state, { away: false, refuses: true });
    await expect(reading().done).rejects.toThrow('No.');
    await vi.advanceTimersByTimeAsync(10_000);
    expect(seen).toEqual(['a read']);
  });
});
