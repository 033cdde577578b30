import { addDays, addMonths, differenceInCalendarDays, lightFormat, parseISO } from 'date-fns';

export const SECOND_MS = 1000;
export const MINUTE_MS = 60 * SECOND_MS;
export const HOUR_MS = 60 * MINUTE_MS;
/** Twenty-four hours. A day of the calendar may have 23 or 25: add days with `daysLater`. */
export const DAY_MS = 24 * HOUR_MS;
export const DAY_MIN = 24 * 60;

/** The day a moment is on by the workshop’s own clock, `2026-04-18`. @param at ms, or ISO 8601 */
export function dayOf(at: number | string | Date): string {
  return lightFormat(at, 'yyyy-MM-dd');
}

/** When a day begins by the workshop’s own clock, ms. @param day `2026-04-18` */
export function startOfDayMs(day: string): number {
  return parseISO(day).getTime();
}

/** So many days on in the calendar, or back where they are below zero. @param day `2026-04-18` */
export function daysLater(day: string, days: number): string {
  return dayOf(addDays(parseISO(day), days));
}

/** The same day so many months on, or the last of that month. @param day `2026-01-31` */
export function monthsLater(day: string, months: number): string {
  return dayOf(addMonths(parseISO(day), months));
}

/** Days of the calendar from one day to another; below zero where the second is before the first. */
export function daysBetween(from: string, to: string): number {
  return differenceInCalendarDays(parseISO(to), parseISO(from));
}
