import { DAY_MIN, MINUTE_MS } from '@/core/basics/time';
import type { PlanPerson, PlanProblem } from './problem';

/** A working stretch, minutes since the plan’s start. */
export interface WorkingHours {
  readonly from: number;
  readonly to: number;
}

/**
 * When a pair of hands works, over so many days from the plan’s start; a stretch that is under way begins at the start.
 * Hours that end before they begin go over midnight.
 */
export function workingHoursOf(
  { from, to, rest, days, away }: PlanPerson,
  problem: Pick<PlanProblem, 'start' | 'zoneMin' | 'zones'>,
  horizonDays: number,
): readonly WorkingHours[] {
  const { zoneMin } = problem;
  const startMs = Date.parse(problem.start);
  const localMs = startMs + zoneMin * MINUTE_MS;
  const midnightMs = Math.floor(localMs / (DAY_MIN * MINUTE_MS)) * DAY_MIN * MINUTE_MS;
  const offset = (midnightMs - localMs) / MINUTE_MS;
  const opens = minutesOf(from);
  const closes = minutesOf(to) > opens ? minutesOf(to) : minutesOf(to) + DAY_MIN;
  const stretches: WorkingHours[] = [];
  // The night before may reach into the first day.
  for (let day = -1; day < horizonDays; day++) {
    const date = new Date(midnightMs + day * DAY_MIN * MINUTE_MS);
    const weekday = date.getUTCDay() === 0 ? 7 : date.getUTCDay();
    if (!days.includes(weekday) || away.includes(date.toISOString().slice(0, 10))) continue;
    // Clocks put on or back in between make the same hour come sooner or later.
    const at =
      offset +
      day * DAY_MIN +
      zoneMin -
      zoneAt(problem, startMs + (offset + day * DAY_MIN + opens) * MINUTE_MS);
    for (const [opensAt, closesAt] of aroundRest(opens, closes, rest)) {
      const stretch = { from: Math.max(0, at + opensAt), to: at + closesAt };
      if (stretch.to > stretch.from) stretches.push(stretch);
    }
  }
  return stretches;
}

/** What a break leaves of a working day. A break after midnight is one of the hours that go over it. */
function aroundRest(
  opens: number,
  closes: number,
  rest: PlanPerson['rest'],
): readonly (readonly [from: number, to: number])[] {
  if (!rest) return [[opens, closes]];
  const begins = minutesOf(rest.from) + (minutesOf(rest.from) < opens ? DAY_MIN : 0);
  const ends = minutesOf(rest.to) + (minutesOf(rest.to) < minutesOf(rest.from) ? DAY_MIN : 0);
  const restEnds = begins + Math.max(0, ends - minutesOf(rest.from));
  if (begins >= closes) return [[opens, closes]];
  return [
    [opens, begins],
    [Math.min(restEnds, closes), closes],
  ];
}

function minutesOf(clock: string): number {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  return 60 * hours + minutes;
}

/** Minutes the workshop’s clock is ahead at a moment. */
function zoneAt({ zoneMin, zones }: Pick<PlanProblem, 'zoneMin' | 'zones'>, atMs: number): number {
  return zones.findLast(({ from }) => Date.parse(from) <= atMs)?.zoneMin ?? zoneMin;
}
