import { describe, expect, it } from 'vitest';
import { copiesToDrop } from './copies';

const DAY_MS = 86_400_000;
const dayAt = (n: number) =>
  new Date(Date.parse('2026-01-01') + n * DAY_MS).toISOString().slice(0, 10);
const ageOn = (day: string, n: number) => (Date.parse(dayAt(n)) - Date.parse(day)) / DAY_MS;

describe('copies of a workshop that is used every day for a year', () => {
  it('are never many, and there is always one of yesterday, of a week ago and of a month ago', () => {
    let kept: string[] = [];
    for (let n = 0; n < 365; n++) {
      kept.push(dayAt(n));
      const drop = new Set(copiesToDrop(kept, dayAt(n)));
      kept = kept.filter((day) => !drop.has(day));
      expect(kept.length).toBeLessThanOrEqual(18);
      if (n < 60) continue;
      const ages = kept.map((day) => ageOn(day, n));
      expect(ages).toContain(1);
      expect(ages).toContain(7);
      expect(ages.some((age) => age >= 28 && age <= 62)).toBe(true);
    }
  });

  it('keep the last week whole, and no day longer', () => {
    const days = ['2026-04-09', '2026-04-10', '2026-04-11', '2026-04-17'];
    expect(copiesToDrop(days, '2026-04-18')).toEqual(['2026-04-10']);
    expect(copiesToDrop(days, '2026-04-17')).toEqual([]);
  });

  it('one that is dated tomorrow stays: a clock was wrong', () => {
    expect(copiesToDrop(['2030-01-01'], '2026-04-18')).toEqual([]);
  });
});
