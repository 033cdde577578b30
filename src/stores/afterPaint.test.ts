import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { afterPaint } from './afterPaint';

let paint: (() => void) | null = null;
/** A page that is seen or not. @returns whether it has gone on */
function waiting(isHidden: boolean): () => boolean {
  vi.stubGlobal('document', { hidden: isHidden });
  vi.stubGlobal('requestAnimationFrame', (next: () => void) => (paint = next));
  let isOn = false;
  void afterPaint().then(() => (isOn = true));
  return () => isOn;
}

beforeEach(() => {
  vi.useFakeTimers();
  paint = null;
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

it('goes on in the task after the paint', async () => {
  const isOn = waiting(false);
  await vi.advanceTimersByTimeAsync(999);
  expect(isOn()).toBe(false);
  paint?.();
  expect(isOn()).toBe(false);
  await vi.advanceTimersByTimeAsync(0);
  expect(isOn()).toBe(true);
});

it('waits a second at most for a page that is laid aside meanwhile', async () => {
  const isOn = waiting(false);
  await vi.advanceTimersByTimeAsync(1000);
  expect(isOn()).toBe(true);
});

it('does not wait where nothing is painted', async () => {
  const isOn = waiting(true);
  await vi.advanceTimersByTimeAsync(0);
  expect(isOn()).toBe(true);
  expect(paint).toBeNull();
});
