import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { debounced } from './debounce';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

it('acts once, two seconds after the last news', () => {
  const act = vi.fn();
  const quiet = debounced(act);
  for (let i = 0; i < 5; i++) {
    quiet.heard();
    vi.advanceTimersByTime(300);
  }
  vi.advanceTimersByTime(1699);
  expect([act.mock.calls.length, quiet.isWaiting()]).toEqual([0, true]);
  vi.advanceTimersByTime(1);
  expect([act.mock.calls.length, quiet.isWaiting()]).toEqual([1, false]);
});

it('waits three times the longest wait of these news, and forgets it with the next', () => {
  const act = vi.fn();
  const quiet = debounced(act);
  quiet.heard();
  vi.advanceTimersByTime(1500);
  quiet.heard();
  vi.advanceTimersByTime(4499);
  expect(act).not.toHaveBeenCalled();
  vi.advanceTimersByTime(1);
  expect(act).toHaveBeenCalledOnce();
  quiet.heard();
  vi.advanceTimersByTime(2000);
  expect(act).toHaveBeenCalledTimes(2);
});
