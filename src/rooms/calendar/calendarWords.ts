import { kindOfStep } from '@/core/planning';
import { counted } from '@/core/words';

const STEP_WORDS = {
  mix: 'weigh and mix',
  press: 'press',
  dry: 'dry',
  dress: 'finish',
  pack: 'wrap',
} as const;

/** What a planned step is called. */
export function sayStep(id: string): string {
  return STEP_WORDS[kindOfStep(id)];
}

const day = new Intl.DateTimeFormat('en-US', { weekday: 'short', day: 'numeric' });
const clock = new Intl.DateTimeFormat('en-US', {
  hour: '2-digit',
  minute: '2-digit',
  hourCycle: 'h23',
});
const long = new Intl.DateTimeFormat('en-US', { weekday: 'long' });

export const sayDay = (ms: number) => day.format(new Date(ms));
export const sayClock = (ms: number) => clock.format(new Date(ms));
/** `Wednesday 17:20`. */
export const sayWhen = (ms: number) => `${long.format(new Date(ms))} ${sayClock(ms)}`;

const HOUR_MS = 3_600_000;

/** Time to spare, or late, in words. */
export function saySlack(ms: number): string {
  const hours = Math.abs(ms) / HOUR_MS;
  const much =
    hours < 1
      ? 'under an hour'
      : hours < 36
        ? counted(Math.floor(hours), 'hour')
        : counted(Math.floor(hours / 24), 'day');
  return ms < 0 ? `${much} late` : `${much} to spare`;
}
