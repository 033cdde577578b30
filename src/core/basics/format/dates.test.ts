import { afterEach, describe, expect, it } from 'vitest';
import {
  clockTime,
  longDate,
  relativeDays,
  shortDate,
  shortTime,
  weekdayDate,
  weekdayTime,
} from '@/core/basics/format/dates';
import { METRIC_HABITS, useHabits } from '@/core/basics/format/habits';

/** A moment of this machine's own zone. */
const HERE = new Date(2026, 3, 18, 14, 5).toISOString();
const own = process.env.TZ;
afterEach(() => {
  useHabits(METRIC_HABITS);
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

  it('is on a clock of 12 hours for who reads one', () => {
    useHabits({ units: 'metric', isTwelveHour: true });
    expect(clockTime(HERE)).toMatch(/^2:05\sPM$/);
    expect(shortTime(HERE)).toMatch(/^Apr 18, 2:05\sPM$/);
    expect(weekdayTime(HERE)).toMatch(/^Sat 2:05\sPM$/);
    expect(clockTime(new Date(2026, 3, 18, 0, 7).toISOString())).toMatch(/^12:07\sAM$/);
  });

  it('of a day is that day in every zone', () => {
    for (const zone of ['Pacific/Kiritimati', 'Pacific/Pago_Pago']) {
      process.env.TZ = zone;
      expect(weekdayDate('2026-11-29')).toBe('Sun, Nov 29');
    }
  });

  it.each([
    [0, 'today'],
    [-1, 'yesterday'],
    [1, 'tomorrow'],
    [2, 'in 2 days'],
    [-13, '13 days ago'],
    [-14, '2 weeks ago'],
    [-59, '8 weeks ago'],
    [-60, '2 months ago'],
  ])('%d days from now is %s', (days, said) => expect(relativeDays(days)).toBe(said));

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
