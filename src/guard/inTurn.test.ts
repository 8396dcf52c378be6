import { EventEmitter } from 'node:events';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { inTurn } from './inTurn';

const LONGEST = 1000;

/** An answer that can be sent, or whose reader can leave. */
class Answer extends EventEmitter {
  destroyed = false;
  leave() {
    this.destroyed = true;
    this.emit('close');
  }
}

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

/** Five answers asked for together, two at a time; which have begun, in order. */
function five() {
  const begun: number[] = [];
  const answers = Array.from({ length: 5 }, () => new Answer());
  const ask = inTurn(2, LONGEST);
  for (const [i, answer] of answers.entries()) ask(answer as never, () => void begun.push(i));
  return { begun, answers };
}

it('two are answered at once, the others in the order they came, one for each that ends', () => {
  const { begun, answers } = five();
  expect(begun).toEqual([0, 1]);
  answers[1]?.emit('finish');
  expect(begun).toEqual([0, 1, 2]);
  // An answer that has finished closes as well: that makes room once.
  answers[1]?.emit('close');
  expect(begun).toEqual([0, 1, 2]);
  answers[0]?.emit('close');
  answers[2]?.emit('finish');
  expect(begun).toEqual([0, 1, 2, 3, 4]);
});

it('whoever leaves while waiting is passed over', () => {
  const { begun, answers } = five();
  answers[2]?.leave();
  answers[0]?.emit('finish');
  expect(begun).toEqual([0, 1, 3]);
});

it('an answer that nobody takes up makes room after a time, and is counted no second time', () => {
  const { begun, answers } = five();
  vi.advanceTimersByTime(LONGEST - 1);
  expect(begun).toEqual([0, 1]);
  vi.advanceTimersByTime(1);
  expect(begun).toEqual([0, 1, 2, 3]);
  answers[0]?.emit('close');
  expect(begun).toEqual([0, 1, 2, 3]);
});
