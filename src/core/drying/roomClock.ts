import { dryingFactor } from './forecast';

/** Humidity at a moment, milliseconds since 1970. */
export interface HumidityPoint {
  readonly atMs: number;
  readonly humidityPct: number;
}

const HOUR_MS = 3_600_000;
/** Longest step of the sum: a room hardly bends within half an hour. */
const STEP_MS = HOUR_MS / 2;

/**
 * A clock that counts hours at 45 %: how many of them dry as much as the time since a moment did in this room. It is
 * the integral of the room's driving force, straight between readings, level before the first and after the last;
 * damp air stands still, it does not wet again.
 * @param points in the order of time, at least one
 * @returns hours at a later moment; 0 before the start
 * @throws RangeError without a point
 */
export function roomClock(
  points: readonly HumidityPoint[],
  fromMs: number,
): (toMs: number) => number {
  const inside = points.filter(({ atMs }) => atMs > fromMs);
  const knots: HumidityPoint[] = [
    { atMs: fromMs, humidityPct: humidityAt(points, fromMs) },
    ...inside,
  ];
  const hours = [0];
  for (let i = 1; i < knots.length; i++)
    hours.push((hours[i - 1] ?? 0) + stretch(knots[i - 1], knots[i]));
  return (toMs) => {
    if (!(toMs > fromMs)) return 0;
    const i = firstAfter(knots, toMs) - 1;
    const until = { atMs: toMs, humidityPct: humidityAt(points, toMs) };
    return (hours[i] ?? 0) + stretch(knots[i], until);
  };
}

/** Humidity at a moment: straight between readings, level outside them. @throws RangeError without a point */
export function humidityAt(points: readonly HumidityPoint[], atMs: number): number {
  const i = firstAfter(points, atMs);
  const after = points[i] ?? points.at(-1);
  const before = points[i - 1] ?? after;
  if (!after || !before) throw new RangeError('points must hold at least one reading');
  const span = after.atMs - before.atMs;
  const share = span > 0 ? Math.min(1, Math.max(0, (atMs - before.atMs) / span)) : 0;
  return before.humidityPct + share * (after.humidityPct - before.humidityPct);
}

function stretch(from: HumidityPoint | undefined, to: HumidityPoint | undefined): number {
  if (!from || !to || !(to.atMs > from.atMs)) return 0;
  const lengthMs = to.atMs - from.atMs;
  // A level stretch needs no steps, however long.
  const steps = from.humidityPct === to.humidityPct ? 1 : Math.ceil(lengthMs / STEP_MS);
  let sum = 0;
  for (let i = 0; i < steps; i++)
    sum += dryingFactor(
      from.humidityPct + ((i + 0.5) / steps) * (to.humidityPct - from.humidityPct),
    );
  return (sum / steps) * (lengthMs / HOUR_MS);
}

/** Index of the first point later than a moment; the number of points when none is. */
function firstAfter(points: readonly HumidityPoint[], atMs: number): number {
  let low = 0;
  let high = points.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((points[middle]?.atMs ?? Infinity) > atMs) high = middle;
    else low = middle + 1;
  }
  return low;
}
