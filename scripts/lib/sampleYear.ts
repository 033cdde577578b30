import type { RoomDay } from '../../src/core/matter/air/roomDaySchema';
import { newId } from '../../src/core/basics/newId';
import type { sampleFormulas } from './sampleFormulas';
import type { Made } from './sampleBatches';
import { SAMPLE_NOW } from './sampleTime';

const HOUR_MS = 3_600_000;

/** A year on a tidal harbor: wet autumn, heated winter, damp summer. Month, humidity outside the door, loft with its dehumidifier. */
const LOFT_PCT: Readonly<Record<string, number>> = {
  '11': 50,
  '12': 46,
  '01': 39,
  '02': 37,
  '03': 42,
  '04': 44,
  '05': 47,
  '06': 52,
  '07': 58,
  '08': 60,
  '09': 51,
  '10': 46,
};

/** The loft's sensor, every three hours over the year's drying and every hour of the last days. */
export function sampleRooms(days: readonly string[]): RoomDay[] {
  const wanted = new Set(days.flatMap((day) => [0, 1, 2].map((after) => plusDays(day, after))));
  const nowMs = Date.parse(SAMPLE_NOW);
  for (let back = 0; back < 5; back++) wanted.add(plusDays(SAMPLE_NOW.slice(0, 10), -back));
  return [...wanted].sort().flatMap((day): RoomDay[] => {
    const readings = [];
    for (let hour = 0; hour < 24; hour += 3) {
      const atMs = Date.parse(`${day}T00:00:00Z`) + hour * HOUR_MS;
      if (atMs > nowMs) break;
      readings.push({
        at: new Date(atMs).toISOString().replace('Z', '+00:00'),
        humidityPct: tenth(
          (LOFT_PCT[day.slice(5, 7)] ?? 46) + swing(hour) + (Math.random() - 0.5) * 2,
        ),
        tempC: tenth(19.6 - swing(hour) * 0.3),
        by: 'simulated-sensor' as const,
      });
    }
    return readings.length > 0
      ? [{ id: newId(), origin: 'sample', place: 'drying-room', day, readings }]
      : [];
  });
}

function swing(hour: number): number {
  return -3 * Math.cos((2 * Math.PI * (hour - 15)) / 24);
}

function plusDays(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * 24 * HOUR_MS).toISOString().slice(0, 10);
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10;
}

/** Thirty batches in the order they were made, with what went right and wrong. */
export function sampleYear({
  quince,
  ebb,
  bow,
  slack,
  bilge,
  fog,
  split,
}: ReturnType<typeof sampleFormulas>): readonly Made[] {
  const dried = { weighedAtH: [0.2, 3, 8, 22, 43], turnedAfterH: 20, wrappedAfterH: 44 } as const;
  const quick = { turnedAfterH: 8, wrappedAfterH: 26 } as const;
  return [
    {
      of: quince,
      day: '2025-11-04',
      count: 12,
      humidityPct: 55,
      tempC: 18,
      felt: 'too-wet',
      rejects: 3,
      faults: [['warts', 3]],
      fate: 'embed-powder',
      ...dried,
      note: 'Rain all day. Dehumidifier was off.',
    },
    { of: bow, day: '2025-11-11', count: 24, humidityPct: 52, tempC: 18, faults: [], ...quick },
    {
      of: quince,
      day: '2025-11-25',
      count: 18,
      humidityPct: 50,
      tempC: 18.5,
      faults: [],
      ...dried,
    },
    { of: ebb, day: '2025-12-02', count: 12, humidityPct: 46, tempC: 19, faults: [], ...dried },
    {
      of: quince,
      day: '2025-12-09',
      count: 24,
      humidityPct: 41,
      tempC: 20,
      felt: 'too-dry',
      squirts: 3,
      faults: [],
      ...dried,
    },
    { of: bow, day: '2025-12-16', count: 30, humidityPct: 40, tempC: 20.5, faults: [], ...quick },
    {
      of: slack,
      day: '2026-01-08',
      count: 6,
      humidityPct: 39,
      tempC: 20,
      faults: [],
      wrappedAfterH: 10,
    },
    {
      of: ebb,
      day: '2026-01-13',
      count: 12,
      humidityPct: 35,
      tempC: 21,
      felt: 'too-dry',
      rejects: 2,
      paceMin: 3.2,
      faults: [
        ['crumbling', 5],
        ['seam-cracks', 2],
      ],
      fate: 'samplers',
      ...dried,
      note: 'Heating on. It dried faster than I pressed.',
    },
    {
      of: quince,
      day: '2026-01-27',
      count: 18,
      humidityPct: 34,
      tempC: 21,
      felt: 'too-dry',
      squirts: 4,
      rejects: 1,
      faults: [['crumbling', 2]],
      fate: 'bath-dust',
      ...dried,
    },
    {
      of: quince,
      day: '2026-02-10',
      count: 24,
      humidityPct: 38,
      tempC: 18.5,
      squirts: 3,
      faults: [],
      ...dried,
    },
    {
      of: bilge,
      day: '2026-02-17',
      count: 24,
      humidityPct: 40,
      tempC: 19,
      faults: [],
      wrappedAfterH: 30,
    },
    {
      of: ebb,
      day: '2026-02-24',
      count: 12,
      humidityPct: 37,
      tempC: 20,
      felt: 'too-dry',
      rejects: 3,
      skipped: ['scrape'],
      paceMin: 2.6,
      faults: [['split-in-half', 3]],
      fate: 'samplers',
      weighedAtH: [1, 5],
      turnedAfterH: 5,
      wrappedAfterH: 50,
      note: 'Lifted for the Saturday stall, too soon.',
    },
    { of: quince, day: '2026-03-24', count: 18, humidityPct: 43, tempC: 19, faults: [], ...dried },
    {
      of: ebb,
      day: '2026-04-21',
      count: 12,
      humidityPct: 36,
      tempC: 19,
      felt: 'too-dry',
      faults: [['crumbling', 1]],
      ...dried,
    },
    {
      of: slack,
      day: '2026-05-08',
      count: 9,
      humidityPct: 47,
      tempC: 19.5,
      faults: [],
      wrappedAfterH: 12,
    },
    {
      of: quince,
      day: '2026-05-19',
      count: 18,
      humidityPct: 48,
      tempC: 20,
      skipped: ['sieve'],
      rejects: 1,
      faults: [
        ['warts', 4],
        ['specks', 6],
      ],
      fate: 'seconds',
      ...dried,
    },
    {
      of: quince,
      day: '2026-06-02',
      count: 24,
      humidityPct: 54,
      tempC: 21,
      rejects: 1,
      faults: [['flat-bottom', 2]],
      fate: 'seconds',
      ...dried,
    },
    {
      of: bilge,
      day: '2026-06-16',
      count: 24,
      humidityPct: 58,
      tempC: 22,
      faults: [],
      wrappedAfterH: 40,
    },
    {
      of: bow,
      day: '2026-06-30',
      count: 24,
      humidityPct: 60,
      tempC: 22,
      rejects: 2,
      faults: [['soft', 2]],
      fate: 'embed-powder',
      turnedAfterH: 20,
      wrappedAfterH: 50,
    },
    {
      of: ebb,
      day: '2026-07-14',
      count: 12,
      humidityPct: 64,
      tempC: 23,
      felt: 'too-wet',
      rejects: 4,
      faults: [
        ['warts', 2],
        ['top-cracks', 3],
      ],
      fate: 'bath-dust',
      weighedAtH: [0.2, 4, 10, 26, 50, 72],
      turnedAfterH: 30,
      wrappedAfterH: 74,
      note: 'Fog on the harbor. Should have waited.',
    },
    {
      of: fog,
      day: '2026-08-04',
      count: 24,
      humidityPct: 66,
      tempC: 23,
      squirts: 5,
      rejects: 3,
      faults: [['warts', 3]],
      fate: 'embed-powder',
      turnedAfterH: 26,
      wrappedAfterH: 60,
    },
    {
      of: quince,
      day: '2026-08-18',
      count: 18,
      humidityPct: 62,
      tempC: 22.5,
      rejects: 1,
      faults: [['soft', 1]],
      fate: 'embed-powder',
      weighedAtH: [0.2, 4, 10, 30, 52, 68],
      turnedAfterH: 30,
      wrappedAfterH: 70,
    },
    { of: split, day: '2026-09-09', count: 12, humidityPct: 50, tempC: 20, faults: [], ...dried },
    {
      of: quince,
      day: '2026-09-22',
      count: 18,
      humidityPct: 43,
      tempC: 19,
      felt: 'too-dry',
      faults: [],
      ...dried,
    },
    { of: fog, day: '2026-09-29', count: 24, humidityPct: 47, tempC: 19.5, faults: [], ...quick },
    { of: split, day: '2026-10-07', count: 18, humidityPct: 47, tempC: 19, faults: [], ...dried },
    {
      of: ebb,
      day: '2026-10-12',
      count: 12,
      humidityPct: 46,
      tempC: 19.5,
      fillSpreadPct: 3.6,
      faults: [['seam-cracks', 2]],
      weighedAtH: [0.2, 8, 20, 44],
      turnedAfterH: 22,
      wrappedAfterH: null,
    },
    {
      of: quince,
      day: '2026-10-13',
      count: 24,
      humidityPct: 46,
      tempC: 19.5,
      squirts: 3,
      weighedAtH: [0.2, 8, 17, 24],
      turnedAfterH: 17,
      wrappedAfterH: null,
    },
    { of: slack, day: '2026-10-14', count: 6, humidityPct: 46, tempC: 19.5, wrappedAfterH: null },
    {
      of: bow,
      day: '2026-10-14',
      count: 18,
      humidityPct: 46,
      tempC: 19.5,
      weighedAtH: [0.2, 3],
      wrappedAfterH: null,
    },
  ];
}
