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

describe('this moment', () => {
  const own = process.env.TZ;
  afterEach(() => {
    if (own === undefined) delete process.env.TZ;
    else process.env.TZ = own;
  });

  it.each([
    ['UTC', '2026-12-01T02:05:06.007+00:00'],
    ['America/New_York', '2026-11-30T21:05:06.007-05:00'],
    ['Asia/Kolkata', '2026-12-01T07:35:06.007+05:30'],
    ['America/St_Johns', '2026-11-30T22:35:06.007-03:30'],
  ])('is written by the clock of %s, with its zone', async (zone, written) => {
    process.env.TZ = zone;
    const { nowIso } = await import('./now');
    const at = new Date('2026-12-01T02:05:06.007Z');
    expect(nowIso(at)).toBe(written);
    expect(Date.parse(nowIso(at))).toBe(at.getTime());
  });
});
