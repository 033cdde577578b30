import { expect, it } from 'vitest';
import { moveInTime } from './moveTimes';

const HOUR = 3_600_000;

it('moves moments by the time and days by whole days, over months and leap days, and nothing else', () => {
  const record = {
    at: '2028-02-28T23:10:00.000+02:00',
    day: '2026-12-31',
    note: 'on 2026-12-31',
    lines: [{ at: '2026-10-14T09:00:00Z', massG: 2026 }],
    none: null,
  };
  expect(moveInTime(structuredClone(record), 50 * HOUR)).toEqual({
    ...record,
    at: '2028-03-01T23:10:00.000Z',
    day: '2027-01-02',
    lines: [{ at: '2026-10-16T11:00:00.000Z', massG: 2026 }],
  });
  expect(moveInTime(['2026-01-01'], -HOUR)).toEqual(['2025-12-31']);
  expect(() => moveInTime(record, NaN)).toThrow(/number/);
});
