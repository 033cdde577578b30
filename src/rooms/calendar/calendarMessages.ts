import { HOUR_MS } from '@/core/basics/time';
import { kindOfStep } from '@/core/goods/planning/steps';
import type { BusyDay } from '@/core/goods/planning/busiestDay';
import type { Bottleneck } from '@/core/goods/planning/bottleneck';
import type { PlanAnswer } from '@/core/goods/planning/problem';
import { clockTime, weekdayDate, weekdayTime } from '@/core/basics/format/dates';
import { listed } from '@/core/basics/format/names';
import { formatMinutes } from '@/core/basics/format/durations';
import { counted, formatPercent } from '@/core/basics/format/numbers';
import type { Bar } from '@/stores/calendar';

const STEP_WORDS = {
  ahead: 'make ahead',
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

/** Time to spare, or late, in words. */
export function saySlack(ms: number): string {
  const hours = Math.floor(Math.abs(ms) / HOUR_MS);
  const much = hours < 1 ? 'under an hour' : formatMinutes(60 * hours);
  return ms < 0 ? `${much} late` : `${much} to spare`;
}

/** A planned step in one line, for a hand that reads it and for one that listens. */
export function sayBar(bar: Bar): string {
  return [
    bar.name,
    sayStep(bar.step),
    `${weekdayTime(bar.startMs)}–${clockTime(bar.endMs)}`,
    ...(bar.person ? [bar.person] : []),
    ...(bar.isLocked ? ['locked'] : []),
    ...(bar.isLate ? ['late'] : []),
  ].join(', ');
}

/** `bottleneck: drying room, 81% used`. */
export function sayBottleneck(
  { kind, id, share }: Bottleneck,
  moldName: (id: string) => string,
): string {
  const what = {
    person: id,
    machine: id,
    mold: `mold ${moldName(id)}`,
    'drying-room': 'drying room',
  }[kind];
  return `bottleneck: ${what}, ${formatPercent(100 * share, 0)} used`;
}

/** `7 bowls for Maud on Tue, Nov 3. Move some to another day, …` */
export function sayBusyDay({ bowls, person, dayMs }: BusyDay): string {
  return `${counted(bowls, 'bowl')} for ${person} on ${weekdayDate(dayMs)}. Move some to another day, or limit them under Working hours.`;
}

/** Goods that the plan does not count on; empty where there are none. */
export function sayNotPromised(codes: readonly string[]): string {
  return codes.length === 0
    ? ''
    : `Not counted, because on hold, rejected or past the day: ${listed(codes)}.`;
}

/** How far from the best possible a plan is; empty when nothing is late. */
export function sayGap({
  weightedLateMin: is,
  boundWeightedLateMin: least,
  provedBest,
}: PlanAnswer): string {
  if (is <= 0) return '';
  if (provedBest) return 'no plan is earlier';
  const pct = least > 0 ? (100 * (is - least)) / least : Infinity;
  return pct <= KNOWN_PCT
    ? `within ${formatPercent(pct, 0)} of the best`
    : 'a better plan may exist';
}
/** A bound further off says nothing. */
const KNOWN_PCT = 100;
