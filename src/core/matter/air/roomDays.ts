import { MINUTE_MS } from '@/core/basics/time';
import { newId } from '@/core/basics/newId';
import type { RoomReading, RoomDay } from './roomDaySchema';
import type { RoomPlace } from './roomPlaces';

/** A sensor speaks every second; the curve keeps a reading every ten minutes, or at once when it moves. */
const KEEP_EVERY_MIN = 10;
const MOVED_PCT = 1.5;
const MOVED_C = 1;

/**
 * The day with a reading more.
 * @returns null when a sensor said nothing new: close in time to the last reading, and the same
 */
export function withReading(
  days: readonly RoomDay[],
  place: RoomPlace,
  reading: RoomReading,
): RoomDay | null {
  const day = reading.at.slice(0, 10);
  const known = days.find((one) => one.place === place && one.day === day);
  const last = known?.readings.at(-1);
  if (last && reading.by !== 'typed' && isSame(last, reading)) return null;
  const readings = [...(known?.readings ?? []), reading].sort(
    (a, b) => Date.parse(a.at) - Date.parse(b.at),
  );
  return {
    ...(known ?? { id: newId(), origin: 'own', place, day }),
    readings: readings.slice(-3000),
  };
}

function isSame(last: RoomReading, next: RoomReading): boolean {
  const minutes = Math.abs(Date.parse(next.at) - Date.parse(last.at)) / MINUTE_MS;
  return (
    minutes < KEEP_EVERY_MIN &&
    Math.abs(next.humidityPct - last.humidityPct) < MOVED_PCT &&
    Math.abs(next.tempC - last.tempC) < MOVED_C
  );
}

/** One place on a room's curve. */
export interface RoomPoint {
  readonly atMs: number;
  readonly humidityPct: number;
  readonly tempC: number;
}

/** All readings of a place, in the order of time. */
export function roomCurve(days: readonly RoomDay[], place: RoomPlace): readonly RoomPoint[] {
  return days
    .filter((day) => day.place === place)
    .flatMap(({ readings }) =>
      readings.map(({ at, humidityPct, tempC }) => ({
        atMs: Date.parse(at),
        humidityPct,
        tempC,
      })),
    )
    .sort((a, b) => a.atMs - b.atMs);
}
