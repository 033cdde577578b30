import { kindOfStep } from '@/core/goods/planning/steps';
import type { Bottleneck } from '@/core/goods/planning/bottleneck';
import type { PlanAnswer } from '@/core/goods/planning/problem';
import { counted, formatFixed } from '@/core/basics/format/numbers';
import type { Bar } from '@/stores/calendar';

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

/** A planned step in one line, for a hand that reads it and for one that listens. */
export function sayBar(bar: Bar): string {
  const who = bar.person ? `, ${bar.person}` : '';
  const marks = `${bar.isLocked ? ', locked' : ''}${bar.isLate ? ', late' : ''}`;
  return `${bar.name}, ${sayStep(bar.step)}, ${sayWhen(bar.startMs)} to ${sayClock(bar.endMs)}${who}${marks}`;
}

/** `the drying loft is the narrow place (81 % taken)`. */
export function sayBottleneck(
  { kind, id, share }: Bottleneck,
  moldName: (id: string) => string,
): string {
  const what = {
    hands: `time of ${id}`,
    machine: `the ${id}`,
    mold: `the mold ${moldName(id)}`,
    loft: 'the drying loft',
  }[kind];
  return `${what} is the narrow place (${formatFixed(100 * share, 0)} % taken)`;
}

/** How far from the best possible a plan is; empty when nothing is late. */
export function sayGap({
  weightedLateMin: is,
  boundWeightedLateMin: least,
  provedBest,
}: PlanAnswer): string {
  if (is <= 0) return '';
  if (provedBest) return 'no plan is less late';
  const pct = least > 0 ? (100 * (is - least)) / least : Infinity;
  return pct <= KNOWN_PCT
    ? `at most ${formatFixed(pct, 0)} % from the best possible`
    : 'a better plan may exist';
}
/** A bound further off says nothing. */
const KNOWN_PCT = 100;
