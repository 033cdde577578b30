import { HOUR_MS } from '@/core/basics/time';
import { dryingFactor, type RoomAir } from './forecast';

/** The air of a room at a moment, milliseconds since 1970. */
export interface AirPoint extends RoomAir {
  readonly atMs: number;
}

/**
 * A clock that counts hours of the reference room (45%, 20°C): how many of them dry as much as the time since a
 * moment did in this room. It is the sum of the room's driving force; a reading holds until the next, so that a reading
 * of today never moves the past. Air damper than the mix turns the clock back: the piece takes water up again.
 * @param points in the order of time, at least one; the first holds before it too
 * @param waterActivityPct of the mix, over 0 to 100
 * @returns hours at a later moment; 0 before the start and never below it
 * @throws RangeError without a point
 */
export function roomClock(
  points: readonly AirPoint[],
  fromMs: number,
  waterActivityPct: number,
): (toMs: number) => number {
  const knots = [
    { ...airAt(points, fromMs), atMs: fromMs },
    ...points.filter(({ atMs }) => atMs > fromMs),
  ].map((point) => ({ atMs: point.atMs, factor: dryingFactor(point, waterActivityPct), hours: 0 }));
  const gone = (from: (typeof knots)[number], toMs: number) =>
    Math.max(0, from.hours + (from.factor * (toMs - from.atMs)) / HOUR_MS);
  for (let i = 1; i < knots.length; i++) {
    const [before, here] = [knots[i - 1], knots[i]];
    if (before && here) here.hours = gone(before, here.atMs);
  }
  return (toMs) => {
    if (!(toMs > fromMs)) return 0;
    const from = knots[firstAfter(knots, toMs) - 1] ?? knots[0];
    return from ? gone(from, toMs) : 0;
  };
}

/** The air at a moment: the last reading before it, the first one before any. @throws RangeError without a point */
export function airAt(points: readonly AirPoint[], atMs: number): AirPoint {
  const point = points[Math.max(0, firstAfter(points, atMs) - 1)];
  if (!point) throw new RangeError('points must hold at least one reading');
  return point;
}

/** Index of the first point later than a moment; the number of points when none is. */
function firstAfter(points: readonly { readonly atMs: number }[], atMs: number): number {
  let low = 0;
  let high = points.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((points[middle]?.atMs ?? Infinity) > atMs) high = middle;
    else low = middle + 1;
  }
  return low;
}
