import { DAY_MS } from '@/core/basics/time';
import { habits } from './habits';

const made = new Map<string, Intl.DateTimeFormat>();

/** Made once, as that is slow; again where the workshop has moved to another zone since. */
function format(options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${new Date().getTimezoneOffset()} ${JSON.stringify(options)}`;
  const one = made.get(key) ?? new Intl.DateTimeFormat('en-US', options);
  made.set(key, one);
  return one;
}

/** The clock by this person's habit: `2:05 PM` or `14:05`. */
function clock(): Intl.DateTimeFormatOptions {
  return habits().isTwelveHour
    ? { hour: 'numeric', minute: '2-digit', hourCycle: 'h12' }
    : { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' };
}

/** A moment, or a day as `2026-04-18`, which is that day in every zone. */
type At = string | number;

function dateOf(at: At): Date {
  return typeof at === 'string' && /^\d{4}-\d\d-\d\d$/.test(at)
    ? new Date(`${at}T12:00:00`)
    : new Date(at);
}

/** `Apr 18, 2:05 PM` in the workshop's own zone. */
export function shortTime(at: At): string {
  return format({ day: 'numeric', month: 'short', ...clock() }).format(dateOf(at));
}

/** `Apr 18, 2026`. */
export function shortDate(at: At): string {
  return format({ day: 'numeric', month: 'short', year: 'numeric' }).format(dateOf(at));
}

/** `April 18, 2026`. */
export function longDate(at: At): string {
  return format({ day: 'numeric', month: 'long', year: 'numeric' }).format(dateOf(at));
}

/** `Apr 18`. */
export function dayOfMonth(at: At): string {
  return format({ day: 'numeric', month: 'short' }).format(dateOf(at));
}

/** `Sat, Apr 18`. */
export function weekdayDate(at: At): string {
  return format({ weekday: 'short', day: 'numeric', month: 'short' }).format(dateOf(at));
}

/** `April 2026`. */
export function monthOfYear(at: At): string {
  return format({ month: 'long', year: 'numeric' }).format(dateOf(at));
}

/** `April`. @param month 1 for January */
export function monthName(month: number): string {
  return format({ month: 'long' }).format(new Date(2026, month - 1, 15));
}

/** `2:05 PM` or `14:05`. */
export function clockTime(at: At): string {
  return format(clock()).format(dateOf(at));
}

/** `Wed 5:20 PM`. */
export function weekdayTime(at: At): string {
  return `${format({ weekday: 'short' }).format(dateOf(at))} ${clockTime(at)}`;
}

function dayKey(at: At): string {
  return dateOf(at).toDateString();
}

export function isToday(at: At, nowMs: number): boolean {
  return dayKey(at) === dayKey(nowMs);
}

export function isTomorrow(at: At, nowMs: number): boolean {
  const next = new Date(nowMs);
  next.setDate(next.getDate() + 1);
  return dayKey(at) === next.toDateString();
}

/** Nearer than this, a weekday says which day is meant. */
const WEEKDAY_MS = 6 * DAY_MS;

/** `14:05`, `tomorrow 09:00`, `Thu 09:00`, `Apr 18`. @param nowMs to tell today from tomorrow */
export function timeFrom(at: At, nowMs: number): string {
  if (isToday(at, nowMs)) return clockTime(at);
  if (isTomorrow(at, nowMs)) return `tomorrow ${clockTime(at)}`;
  if (Math.abs(dateOf(at).getTime() - nowMs) < WEEKDAY_MS) return weekdayTime(at);
  return dayOfMonth(at);
}

const relative = new Intl.RelativeTimeFormat('en-US', { numeric: 'auto' });

/** `today`, `yesterday`, `3 weeks ago`, `in 2 days`. @param days past ones below zero */
export function relativeDays(days: number): string {
  const size = Math.abs(days);
  if (size < 14) return relative.format(Math.round(days), 'day');
  if (size < 60) return relative.format(Math.round(days / 7), 'week');
  return relative.format(Math.round(days / (365.25 / 12)), 'month');
}
