import { expect, it } from 'vitest';
import { roomCurve, withReading } from './roomDays';
import type { RoomDay } from './roomDaySchema';

const reading = (
  at: string,
  humidityPct: number,
  by: 'typed' | 'serial-sensor' = 'serial-sensor',
) => ({
  at: `2026-04-18T${at}:00.000+00:00`,
  humidityPct,
  tempC: 20,
  by,
});

function taken(readings: readonly ReturnType<typeof reading>[]): readonly RoomDay[] {
  return readings.reduce<readonly RoomDay[]>((days, one) => {
    const day = withReading(days, 'workroom', one);
    return day ? [...days.filter(({ id }) => id !== day.id), day] : days;
  }, []);
}

it('keeps of a chatty sensor what is new, and every typed word', () => {
  const [day] = taken([
    reading('09:00', 45),
    reading('09:01', 45.2),
    reading('09:02', 47),
    reading('09:05', 47, 'typed'),
    reading('09:20', 47),
  ]);
  expect(day?.readings.map(({ at }) => at.slice(11, 16))).toEqual([
    '09:00',
    '09:02',
    '09:05',
    '09:20',
  ]);
});

it('puts readings in the order of time, a day and a place a record', () => {
  const days = taken([reading('12:00', 50, 'typed'), reading('08:00', 44, 'typed')]);
  expect(days).toHaveLength(1);
  expect(roomCurve(days, 'workroom').map(({ humidityPct }) => humidityPct)).toEqual([44, 50]);
  expect(roomCurve(days, 'drying-room')).toEqual([]);
});
