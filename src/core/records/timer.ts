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
