import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { LOOKED_AT, watchGrowth } from './growth';

const BEFORE = 400_000_000;
const MOST = 1_000_000;

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

function watched() {
  const tooMuch = vi.fn();
  let memory = BEFORE;
  const end = watchGrowth(MOST, tooMuch, () => memory);
  const grow = (bytes: number) => {
    memory = BEFORE + bytes;
    vi.advanceTimersByTime(LOOKED_AT);
  };
  return { tooMuch, end, grow };
}

it('what a job may take is no reason to end it, one byte more is', () => {
  const { tooMuch, grow } = watched();
  grow(MOST);
  expect(tooMuch).not.toHaveBeenCalled();
  grow(MOST + 1);
  expect(tooMuch).toHaveBeenCalledOnce();
});

it('it is said once, and not after the job is over', () => {
  const { tooMuch, grow } = watched();
  grow(2 * MOST);
  grow(3 * MOST);
  expect(tooMuch).toHaveBeenCalledOnce();
  const other = watched();
  other.end();
  other.grow(2 * MOST);
  expect(other.tooMuch).not.toHaveBeenCalled();
});
