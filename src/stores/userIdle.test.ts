import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { whenUserIdle } from './userIdle';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

/** @returns whether it has gone on */
function waiting(hands: EventTarget): () => boolean {
  let isOn = false;
  void whenUserIdle(hands).then(() => (isOn = true));
  return () => isOn;
}

it('goes on once hands were still for two seconds, and not a moment sooner', async () => {
  const hands = new EventTarget();
  const isOn = waiting(hands);
  await vi.advanceTimersByTimeAsync(1500);
  hands.dispatchEvent(new Event('pointermove'));
  await vi.advanceTimersByTimeAsync(1999);
  expect(isOn()).toBe(false);
  await vi.advanceTimersByTimeAsync(1);
  expect(isOn()).toBe(true);
});

it.each(['pointerdown', 'keydown', 'wheel'])('waits for a hand that makes a %s', async (type) => {
  const hands = new EventTarget();
  const isOn = waiting(hands);
  await vi.advanceTimersByTimeAsync(1999);
  hands.dispatchEvent(new Event(type));
  await vi.advanceTimersByTimeAsync(1999);
  expect(isOn()).toBe(false);
});

it('waits half a minute at most for a hand that never rests', async () => {
  const hands = new EventTarget();
  const isOn = waiting(hands);
  for (let ms = 0; ms < 29_500; ms += 500) {
    await vi.advanceTimersByTimeAsync(500);
    hands.dispatchEvent(new Event('pointermove'));
  }
  await vi.advanceTimersByTimeAsync(499);
  expect(isOn()).toBe(false);
  await vi.advanceTimersByTimeAsync(1);
  expect(isOn()).toBe(true);
});
