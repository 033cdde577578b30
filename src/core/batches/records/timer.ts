import { HOUR_MS } from '@/core/basics/time';
import type { Batch } from './schema';
import { standing } from './summary';

/**
 * Seconds left of the timer of a step, from the record alone, so that it survives a reload; below zero once it is over.
 * A clock that was set back never shows more than the whole time.
 * @param nowMs milliseconds since 1970
 * @returns null when it was not started
 */
export function timerLeftS(batch: Batch, stepId: string, nowMs: number): number | null {
  const timer = standing(batch, 'timer').findLast((entry) => entry.stepId === stepId);
  if (!timer) return null;
  const passedS = Math.max(0, (nowMs - Date.parse(timer.at)) / 1000);
  return timer.seconds - passedS;
}

/** Seconds the clock stands behind the newest entry: it was set back, or another device is ahead. 0 when it does not. */
export function clockBehindS(batch: Batch, nowMs: number): number {
  const newestMs = Math.max(0, ...batch.entries.map(({ at }) => Date.parse(at)));
  return Math.max(0, (newestMs - nowMs) / 1000);
}

/** Hours nobody was at the bench, when the newest entry is a coming back; else null. */
export function awayHours(batch: Batch): number | null {
  const [before, back] = batch.entries.slice(-2);
  if (back?.kind !== 'resumed' || !before) return null;
  return Math.max(0, (Date.parse(back.at) - Date.parse(before.at)) / HOUR_MS);
}
