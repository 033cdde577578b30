import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { roomCurve } from '@/core/matter/air/roomDays';
import type { RoomDay } from '@/core/matter/air/roomDaySchema';
import { record } from '../records/batch';
import type { Batch, NewEntry } from '../records/schema';
import { batchFills } from './fills';
import { dryCurve, trayForecast } from './trayForecast';
import { dryingRecordsOf, learnedDrying } from './learnedDrying';
import { isOnTray } from './onTray';
import { moistureProblem, weighInProblem } from './checkWeighIn';
import { outsideFacts } from '@/core/workshop/shelf/outsideFacts';
import { tendings } from './tending';
import { trayLayout } from './layout';
import { trayStartMs } from './trayRoom';
import { SHIPPED, catalogWith } from '@/core/matter/materials/catalog';
import type { OwnMaterial } from '@/core/matter/materials/own';

const SAMPLE = JSON.parse(
  readFileSync(new URL('../../../../demo/orrin-quay.rovack.json', import.meta.url), 'utf8'),
) as {
  readonly batches: readonly Batch[];
  readonly rooms: readonly RoomDay[];
  readonly materials: readonly OwnMaterial[];
};
const HOUR = 3_600_000;

function batchOf(code: string): Batch {
  const found = SAMPLE.batches.find((batch) => batch.code === code);
  if (!found) throw new Error(`the sample has ${code}`);
  return found;
}

/** A pressed 70 mm batch in a room that stays as it is, nothing weighed yet. */
function plain(humidityPct: number): {
  readonly batch: Batch;
  readonly days: readonly RoomDay[];
  readonly startMs: number;
} {
  const batch = {
    ...batchOf('QL-011'),
    entries: batchOf('QL-011').entries.filter(({ kind }) => kind !== 'dried' && kind !== 'tended'),
  };
  const startMs = trayStartMs(batch) ?? NaN;
  const at = new Date(startMs - HOUR).toISOString();
  return {
    batch,
    startMs,
    days: [
      {
        id: 'd1c3f0b2-0000-4000-8000-000000000001',
        origin: 'own',
        place: 'drying-room',
        day: at.slice(0, 10),
        readings: [{ at, humidityPct, tempC: 20, by: 'typed' }],
      },
    ],
  };
}

function forecast(batch: Batch, days: readonly RoomDay[], nowMs: number) {
  const found = trayForecast(batch, { catalog: SHIPPED, days, taught: [], humidityPct: 45, nowMs });
  if (!found) throw new Error('a counted batch is on its tray');
  return found;
}

const write = (batch: Batch, entry: NewEntry, atMs: number) =>
  record(batch, entry, new Date(atMs).toISOString());

describe('a tray', () => {
  // Common practice: a pressed 70 mm piece, 24 to 36 hours at 45%.
  it('is dry in a day to a day and a half at 45%, and never at 75', () => {
    const { batch, days, startMs } = plain(45);
    const dry = forecast(batch, days, startMs).dryAtMs;
    const hours = (atMs = 0) => (atMs - startMs) / HOUR;
    expect(hours(dry?.best)).toBeCloseTo(30, 0);
    // The band is symmetric in its logarithm: 24.5 to 36.7.
    expect(Math.abs(hours(dry?.low) - 24)).toBeLessThan(1);
    expect(Math.abs(hours(dry?.high) - 36)).toBeLessThan(1);
    const wet = plain(75);
    const never = forecast(wet.batch, wet.days, wet.startMs + 30 * HOUR);
    expect(never).toMatchObject({ willNotDry: true, dryAtMs: null });
    expect(
      tendings(wet.batch, never, wet.startMs + 30 * HOUR, SHIPPED).map(({ state }) => state),
    ).toEqual(['never', 'never']);
  });

  it('draws a curve that only rises, low under best under high', () => {
    const { batch, days, startMs } = plain(50);
    const curve = dryCurve(forecast(batch, days, startMs + 5 * HOUR), 72, 30);
    for (const [i, { dry }] of curve.entries()) {
      expect(dry.low).toBeLessThanOrEqual(dry.best);
      expect(dry.best).toBeLessThanOrEqual(dry.high);
      if (i > 0) expect(dry.best).toBeGreaterThanOrEqual(curve[i - 1]?.dry.best ?? 1);
    }
  });

  it('turns at half, wraps at 95%, asks to wait for what is on the piece', () => {
    const { batch, days, startMs } = plain(45);
    const at = (hours: number) => {
      const nowMs = startMs + hours * HOUR;
      return tendings(batch, forecast(batch, days, nowMs), nowMs, SHIPPED).map(
        ({ what, state }) => [what, state],
      );
    };
    expect(at(0.5)).toEqual([
      ['turn', 'later'],
      ['wrap', 'later'],
    ]);
    expect(at(12)).toEqual([
      ['turn', 'now'],
      ['wrap', 'later'],
    ]);
    expect(at(48)).toEqual([['wrap', 'now']]);
    const iced: Batch = {
      ...batch,
      steps: [
        ...batch.steps,
        { id: 'later:ice', kind: 'later', what: 'ice', title: 'Ice the pieces', note: '' },
      ],
    };
    const dressed = write(iced, { kind: 'tended', what: 'ice' }, startMs + 40 * HOUR);
    const nowMs = startMs + 60 * HOUR;
    const wrap = tendings(dressed, forecast(dressed, days, nowMs), nowMs, SHIPPED).find(
      ({ what }) => what === 'wrap',
    );
    expect(wrap).toMatchObject({
      state: 'later',
      waitsFor: 'icing',
      fromMs: startMs + 88 * HOUR,
    });
    expect(isOnTray(dressed)).toBe(true);
    expect(isOnTray(write(dressed, { kind: 'tended', what: 'wrap' }, nowMs))).toBe(false);
  });

  it('moves its forecast at once when the marked piece is weighed, and not for a mold that is gone', () => {
    const { batch, days, startMs } = plain(45);
    const before = forecast(batch, days, startMs + 12 * HOUR);
    const pieceG = 400;
    const lossG = pieceG * before.refit.lossFraction.best;
    const quick = [
      [0, 0],
      [1, 0.45],
      [4, 0.78],
      [10, 0.97],
    ].reduce(
      (written, [hours = 0, gone = 0]) =>
        write(
          written,
          { kind: 'dried', massG: pieceG - lossG * gone, by: 'typed' },
          startMs + hours * HOUR,
        ),
      batch,
    );
    const after = forecast(
      { ...quick, request: { ...quick.request, moldId: null } },
      days,
      startMs + 12 * HOUR,
    );
    expect(after.refit.rate.best).toBeGreaterThan(before.refit.rate.best * 1.05);
    expect(after.dry.best).toBeGreaterThan(before.dry.best);
    expect(after.weighings.every(({ dry }) => dry !== null && dry >= 0 && dry <= 1)).toBe(true);
  });

  it('takes a clock that was set back for no weighing at all', () => {
    const { batch, days, startMs } = plain(45);
    const odd = write(batch, { kind: 'dried', massG: 150, by: 'typed' }, startMs - 5 * HOUR);
    expect(forecast(odd, days, startMs + HOUR).refit).toEqual(
      forecast(batch, days, startMs + HOUR).refit,
    );
    expect(forecast(batch, days, startMs - 9 * HOUR).hours).toBe(0);
  });
});

describe('what is typed at the tray', () => {
  it('is refused in a sentence when it cannot be the marked piece, or no meter shows it', () => {
    expect(weighInProblem(null, 197)).toMatch(/Type what the marked piece weighs/);
    expect(weighInProblem(-3, 197)).toMatch(/Type/);
    expect(weighInProblem(1970, 197)).toMatch(/1,970.0 g, and it weighed 197.0 g before/);
    expect([196.4, 226, 168].map((massG) => weighInProblem(massG, 197))).toEqual([
      null,
      null,
      null,
    ]);
    expect([227, 167].map((massG) => weighInProblem(massG, 197))).not.toContain(null);
    expect([null, -1, 31, NaN].map(moistureProblem)).not.toContain(null);
    expect([0, 2.4, 30].map(moistureProblem)).toEqual([null, null, null]);
  });
});

describe('the fills of a batch', () => {
  it('are counted, weighed or not, against what the piece weighs once it is dry', () => {
    const { batch, startMs } = plain(45);
    const before = batchFills(batch, SHIPPED);
    const more = write(batch, { kind: 'filled', massG: null, by: 'typed' }, startMs + HOUR);
    expect(batchFills(more, SHIPPED)).toEqual({ ...before, pressed: before.pressed + 1 });
    expect(before.fillsG).toHaveLength(24);
    expect(before.nominalG).toBeLessThan(batch.plan.pieceG);
    expect(before.watch?.meanG).toBeCloseTo(batch.plan.pieceG, -1);
    expect(batchFills(batch, SHIPPED, 0).watch).toBeNull();
  });
});

describe('what the loft has taught', () => {
  it('finds of a year of weighings how fast the loft dries: 1.2 is what the sample was made with', () => {
    const taught = dryingRecordsOf(SAMPLE.batches, SAMPLE.rooms, catalogWith(SAMPLE.materials));
    expect(taught.length).toBeGreaterThan(0);
    const own = learnedDrying(taught, 'no batch', 45);
    expect(own?.low).toBeLessThan(1.2);
    expect(own?.high).toBeGreaterThan(1.2);
    expect(own?.estimate).toBeGreaterThan(1);
    expect(learnedDrying([], 'no batch', 45)).toBeUndefined();
  });

  it('tells the faults’ ranking what the room, the tray and the shelf were', () => {
    const batch = batchOf('EG-003');
    const nowMs = Date.parse('2026-10-14T15:30:00Z');
    const found = trayForecast(batch, {
      catalog: SHIPPED,
      days: SAMPLE.rooms,
      taught: [],
      humidityPct: 45,
      nowMs,
    });
    const facts = outsideFacts(batch, found, [], []);
    const first = roomCurve(SAMPLE.rooms, 'drying-room').find(
      ({ atMs }) => atMs > (trayStartMs(batch) ?? 0),
    );
    expect(facts.dryHumidityPct).toBeGreaterThan((first?.humidityPct ?? 0) - 8);
    expect(facts.dryWhenLifted).toBeLessThan(0.8);
    expect(facts).toMatchObject({ traySeats: null, oldLots: 0 });
    if (!found) throw new Error('the batch lies on trays');
    const readOnce = {
      ...found,
      room: [
        { atMs: found.startMs, humidityPct: 61, tempC: 20 },
        { atMs: found.startMs + 25 * 3_600_000, humidityPct: 30, tempC: 20 },
      ],
    };
    expect(outsideFacts(batch, readOnce, [], []).dryHumidityPct).toBe(61);
    const readLate = { ...found, room: readOnce.room.slice(1) };
    expect(outsideFacts(batch, readLate, [], []).dryHumidityPct).toBeNull();
  });
});

describe('the layout of a tray', () => {
  it('holds every piece once, on as many trays as it takes', () => {
    for (const [pieces, places] of [
      [0, 24],
      [1, 24],
      [24, 24],
      [25, 24],
      [200, 32],
    ] as const) {
      const { perTray, rows, columns, trays } = trayLayout(pieces, places, 1.9);
      expect(perTray.reduce((sum, count) => sum + count, 0)).toBe(pieces);
      expect(perTray).toHaveLength(trays);
      expect(rows * columns).toBeGreaterThanOrEqual(Math.max(...perTray));
    }
    expect(() => trayLayout(1, 0, 1)).toThrow(/places/);
  });
});
