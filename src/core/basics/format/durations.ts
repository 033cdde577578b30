import { counted, formatFixed, formatRange } from './numbers';

const HOUR_MIN = 60;
const DAY_MIN = 24 * HOUR_MIN;

/** `45 min`, `2 h 10 min`, `1 day 3 h`. @param minutes 0 or more */
export function formatMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < HOUR_MIN) return `${whole} min`;
  const days = Math.floor(whole / DAY_MIN);
  const hours = Math.floor((whole % DAY_MIN) / HOUR_MIN);
  const rest = whole % HOUR_MIN;
  return [
    ...(days > 0 ? [counted(days, 'day')] : []),
    ...(hours > 0 ? [`${hours} h`] : []),
    ...(days === 0 && rest > 0 ? [`${rest} min`] : []),
  ].join(' ');
}

/** A timer as it was set: `90 s`, `12 min`. */
export function formatTimer(seconds: number): string {
  return seconds % 60 === 0 ? formatMinutes(seconds / 60) : formatSeconds(seconds);
}

/** Up to here seconds are said in seconds. */
const SHORT_S = 100;

/** Short times in seconds, long ones in minutes: `62 s`, `2.1 min`. */
export function formatSeconds(seconds: number): string {
  return seconds < SHORT_S ? `${formatFixed(seconds, 0)} s` : `${formatFixed(seconds / 60, 1)} min`;
}

/** `60 s (40–99 s)`, `1.0 min (0.7–1.7 min)`: all in the unit of the longest. */
export function formatSecondsSpread(low: number, best: number, high: number): string {
  const all = formatSecondsRange(low, high);
  return high < SHORT_S
    ? `${formatFixed(best, 0)} s (${all})`
    : `${formatFixed(best / 60, 1)} min (${all})`;
}

/** `40–62 s`, `1.8–2.6 min`. */
export function formatSecondsRange(lowS: number, highS: number): string {
  return highS < SHORT_S
    ? `${formatRange(lowS, highS, 0)} s`
    : `${formatRange(lowS / 60, highS / 60, 1)} min`;
}

/** A stopwatch: `1:05`, `2:00:00`. */
export function stopwatch(seconds: number): string {
  const whole = Math.floor(seconds);
  const minutes = Math.floor(whole / 60);
  const hours = Math.floor(minutes / 60);
  const rest = String(whole % 60).padStart(2, '0');
  return hours > 0
    ? `${hours}:${String(minutes % 60).padStart(2, '0')}:${rest}`
    : `${minutes}:${rest}`;
}
