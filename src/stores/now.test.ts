import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { computed } from 'vue';

beforeEach(() => {
  vi.resetModules();
  vi.useFakeTimers({ now: new Date(2026, 3, 18, 23, 59, 30) });
});
afterEach(() => void vi.useRealTimers());

describe('lists that are computed from today', () => {
  it('are computed again when a new day begins, on a page that nobody touches', async () => {
    const { today, nowMs } = await import('./now');
    const said = computed(() => today());
    const moment = computed(() => nowMs());
    expect(said.value).toBe('2026-04-18');
    const before = moment.value;
    vi.advanceTimersByTime(20_000);
    // The same day: nothing is computed again.
    expect([said.value, moment.value]).toEqual(['2026-04-18', before]);
    vi.advanceTimersByTime(20_000);
    expect(said.value).toBe('2026-04-19');
    expect(moment.value).toBe(before + 40_000);
  });
});
