import { afterEach, describe, expect, it } from 'vitest';
import { dayOf, daysBetween, daysLater, monthsLater, startOfDayMs } from './time';

const own = process.env.TZ;
afterEach(() => {
  if (own === undefined) delete process.env.TZ;
  else process.env.TZ = own;
});

const ZONES = ['UTC', 'America/New_York', 'Pacific/Kiritimati', 'Asia/Kolkata', 'Europe/London'];

describe.each(ZONES)('days by the clock of %s', (zone) => {
  it('is the day it begins, and one day earlier a moment before', () => {
    process.env.TZ = zone;
    for (const day of ['2026-03-29', '2026-07-01', '2026-11-01']) {
      expect(dayOf(startOfDayMs(day))).toBe(day);
      expect(dayOf(startOfDayMs(day) - 1)).toBe(daysLater(day, -1));
    }
  });

  it('counts days across a change of clocks, which make one of 23 and one of 25 hours', () => {
    process.env.TZ = zone;
    expect(daysLater('2026-10-20', 14)).toBe('2026-11-03');
    expect(daysLater('2026-03-01', 31)).toBe('2026-04-01');
    expect(daysBetween('2026-03-01', '2026-04-01')).toBe(31);
    expect(daysBetween('2026-11-03', '2026-10-20')).toBe(-14);
  });

  it('gives the last day of a shorter month', () => {
    process.env.TZ = zone;
    expect(monthsLater('2026-08-31', 1)).toBe('2026-09-30');
    expect(monthsLater('2026-01-31', 25)).toBe('2028-02-29');
    expect(monthsLater('2026-12-15', 13)).toBe('2028-01-15');
  });
});

it('says the day of an evening by the workshop’s clock, not by Greenwich’s', () => {
  process.env.TZ = 'America/New_York';
  expect(dayOf('2026-11-30T21:30:00-05:00')).toBe('2026-11-30');
  expect(dayOf(Date.parse('2026-12-01T02:30:00Z'))).toBe('2026-11-30');
});
