import { isToday, isTomorrow } from './days';

/** `14:05`, `tomorrow 09:00`, `Thu 09:00`, `Apr 18`. @param nowMs to tell today from tomorrow */
export function sayWhen(atMs: number, nowMs: number): string {
  const time = new Intl.DateTimeFormat('en-US', {
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).format(atMs);
  if (isToday(atMs, nowMs)) return time;
  if (isTomorrow(atMs, nowMs)) return `tomorrow ${time}`;
  if (Math.abs(atMs - nowMs) < 6 * 24 * 3_600_000)
    return `${new Intl.DateTimeFormat('en-US', { weekday: 'short' }).format(atMs)} ${time}`;
  return new Intl.DateTimeFormat('en-US', { day: 'numeric', month: 'short' }).format(atMs);
}
