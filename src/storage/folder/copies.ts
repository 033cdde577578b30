import { DAY_MS, daysBetween } from '@/core/basics/time';

const DAYS_OF_A_WEEK = 7;
/** `2026-04` */
const MONTH_LETTERS = 7;
/** Every copy of the last week, one of each of five weeks, one of each of the months that reach ten weeks back. */
const DAILY_DAYS = 7;
const WEEKLY_DAYS = 35;
const MONTHLY_DAYS = 70;

/**
 * Which dated copies may go: what stays is at any time a copy a day, a week and a month old, where there were any.
 * A copy dated after today stays: a clock was wrong, then or now.
 * @param days of the copies there are, `2026-04-18`
 */
export function copiesToDrop(days: readonly string[], today: string): readonly string[] {
  const inOrder = [...days].sort();
  const isFirstOf = (of: (day: string) => string | number) => (day: string) =>
    inOrder.find((one) => of(one) === of(day)) === day;
  const isFirstOfWeek = isFirstOf((day) => Math.floor(Date.parse(day) / DAY_MS / DAYS_OF_A_WEEK));
  const isFirstOfMonth = isFirstOf((day) => day.slice(0, MONTH_LETTERS));
  return inOrder.filter((day) => {
    const age = daysBetween(day, today);
    if (age <= DAILY_DAYS) return false;
    if (age <= WEEKLY_DAYS && isFirstOfWeek(day)) return false;
    return !(age <= MONTHLY_DAYS && isFirstOfMonth(day));
  });
}
