import { afterEach, describe, expect, it } from 'vitest';
import { clockTime, longDate, shortDate, shortTime } from '@/core/basics/format/dates';

/** A moment of this machine's own zone. */
const HERE = new Date(2026, 3, 18, 14, 5).toISOString();
const own = process.env.TZ;
afterEach(() => {
  if (own === undefined) delete process.env.TZ;
  else process.env.TZ = own;
});

describe('a moment in words', () => {
  it('is of the workshop’s own zone, on a clock of 24 hours', () => {
    expect(shortDate(HERE)).toBe('Apr 18, 2026');
    expect(longDate(HERE)).toBe('April 18, 2026');
    expect(clockTime(HERE)).toBe('14:05');
    expect(shortTime(HERE)).toMatch(/^Apr 18, 14:05$/);
    expect(clockTime(new Date(2026, 3, 18, 0, 7).toISOString())).toBe('00:07');
  });

  it.each(['America/New_York', 'Asia/Tokyo', 'America/New_York'])(
    'is said in the zone that the workshop has moved to since: %s',
    (zone) => {
      process.env.TZ = zone;
      const noon = '2026-04-18T16:00:00.000Z';
      const [date, clock] = zone.startsWith('Asia')
        ? ['Apr 19, 2026', '01:00']
        : ['Apr 18, 2026', '12:00'];
      expect(shortDate(noon)).toBe(date);
      expect(clockTime(noon)).toBe(clock);
    },
  );
});
