import { HOUR_MS } from '@/core/basics/time';
import type { RoomDay } from '@/core/matter/air/roomDaySchema';
import type { RoomPoint } from '@/core/matter/air/roomDays';
import {
  HANDLE_FRACTION,
  LONGEST_H,
  REFERENCE_MM2_H,
  dryFraction,
  dryTarget,
  dryingFactor,
  staysFraction,
  hoursToDry,
  type DryingBody,
} from '../drying/forecast';
import { dryingBodyOf } from '../drying/body';
import { waterActivityPct } from '../drying/waterActivity';
import { airAt, roomClock } from '../drying/roomClock';
import { refitDrying, type DryingPrior, type DryingRefit } from '../drying/refit';
import type { Catalog } from '@/core/matter/materials/catalog';
import { standing } from '../records/summary';
import type { Batch } from '../records/schema';
import type { Spread } from '@/core/basics/units/spread';
import type { Learned } from '@/core/results/learning/quantities';
import { OPEN_RATE, learnedDrying, type BatchDrying } from './learnedDrying';
import { scaleSdG } from './scaleSd';
import { roomSince, trayStartMs } from './trayRoom';
import { dryingLossFraction, pressedMix } from './volatile';

/** A room this slow is no drying room. Rovack estimate. */
const LEAST_FACTOR = 0.1;
/** Shipped spread of drying, 24 to 36 hours about 30: as factors. */
export const SHIPPED_RATE: Spread = { low: 30 / 36, best: 1, high: 30 / 24 };

export interface TrayQuestion {
  readonly catalog: Catalog;
  readonly days: readonly RoomDay[];
  /** What weighed pieces of batches taught of how this room dries; this batch's own do not count twice. */
  readonly taught: readonly BatchDrying[];
  /** Workroom humidity to go by when nothing else was read, %. */
  readonly humidityPct: number;
  readonly nowMs: number;
}

export interface DryPoint {
  /** Hours since it was pressed. */
  readonly hours: number;
  readonly dry: Spread;
}

export interface TrayForecast {
  readonly body: DryingBody;
  readonly startMs: number;
  readonly hours: number;
  /** Share dry now, 0 to 1. */
  readonly dry: Spread;
  /** When it can be handled and when it is dry, ms since 1970; null where it will not dry here within two months. */
  readonly handleAtMs: Spread | null;
  readonly dryAtMs: Spread | null;
  readonly refit: DryingRefit;
  /** Share of the pressed weight that is left once dry. */
  readonly keptFraction: number;
  readonly weighings: readonly {
    readonly hours: number;
    readonly massG: number;
    readonly dry: number | null;
  }[];
  /** The room as it was read since; one level point when it was not. */
  readonly room: readonly RoomPoint[];
  readonly roomIsRead: boolean;
  readonly humidityPct: number;
  /** Humidity at which this mix neither dries nor draws water, %. */
  readonly waterActivityPct: number;
  /** Share of what would leave at 45% that stays at rest with the room as it is now, 0 to 1. */
  readonly stays: number;
  readonly willNotDry: boolean;
  /** Own batches that speak in the rate. */
  readonly ownBatches: number;
}

/** How dry the pieces of a batch are and when they will be: Crank's series through the room as it was, refitted to the marked piece. */
export function trayForecast(batch: Batch, question: TrayQuestion): TrayForecast | null {
  const startMs = trayStartMs(batch);
  if (startMs === null) return null;
  const nowMs = Math.max(startMs, question.nowMs);
  const { points, isRead } = roomSince(batch, startMs, question);
  const air = airAt(points, nowMs);
  const { humidityPct } = air;
  const mix = pressedMix(batch, question.catalog);
  const loss = dryingLossFraction(mix);
  const body = dryingBodyOf(batch.request.mold, batch.body.method, loss.best);
  const activityPct = waterActivityPct(mix);
  const own = learnedDrying(question.taught, batch.id, humidityPct);
  const prior: DryingPrior = {
    rate: rateBefore(own, standing(batch, 'dried').length),
    lossFraction: loss,
  };
  const clock = roomClock(points, startMs, activityPct);
  const hoursAt = (at: string) => clock(Date.parse(at));
  const dried = standing(batch, 'dried').filter(({ at }) => Date.parse(at) >= startMs);
  const refit = refitDrying(
    body,
    prior,
    dried.map(({ at, massG }) => ({ roomHours: hoursAt(at), massG })),
    standing(batch, 'moisture')
      .filter(({ at }) => Date.parse(at) >= startMs)
      .map(({ at, moisturePct }) => ({ roomHours: hoursAt(at), moisturePct })),
    scaleSdG(dried.map(({ massG }) => massG)),
  );
  const dryAfter = (toMs: number): Spread =>
    spreadOf(refit.rate, (rate) => dryFraction(body, clock(toMs), REFERENCE_MM2_H.best * rate));
  const when = (fraction: number): Spread | null => {
    const after = (rate: number) =>
      hoursToDry(body, fraction, REFERENCE_MM2_H.best * rate, (hours) =>
        clock(startMs + hours * HOUR_MS),
      );
    const best = after(refit.rate.best);
    if (best === null) return null;
    const at = (hours: number | null) => startMs + (hours ?? LONGEST_H) * HOUR_MS;
    return { low: at(after(refit.rate.high)), best: at(best), high: at(after(refit.rate.low)) };
  };
  const dryAtMs = when(dryTarget(loss.best));
  const { startG, lossFraction } = refit;
  return {
    body,
    startMs,
    hours: (nowMs - startMs) / HOUR_MS,
    dry: dryAfter(nowMs),
    handleAtMs: when(HANDLE_FRACTION),
    dryAtMs,
    refit,
    keptFraction: 1 - lossFraction.best,
    weighings: dried.map(({ at, massG }) => ({
      hours: (Date.parse(at) - startMs) / HOUR_MS,
      massG,
      dry:
        startG === null ? null : Math.min(1, Math.max(0, (1 - massG / startG) / lossFraction.best)),
    })),
    room: points,
    roomIsRead: isRead,
    humidityPct,
    waterActivityPct: activityPct,
    stays: staysFraction(air, activityPct),
    willNotDry: dryAtMs === null && dryingFactor(air, activityPct) < LEAST_FACTOR,
    ownBatches: own?.records ?? 0,
  };
}

/** One wide prior once the piece is weighed; what is common practice until then. */
function rateBefore(own: Learned | undefined, weighings: number): Spread {
  if (own) return { low: own.low, best: own.estimate, high: own.high };
  return weighings > 1 ? OPEN_RATE : SHIPPED_RATE;
}

/** The forecast as a curve for drawing, from the press to some hours on. @param count of points, 2 or more */
export function dryCurve(forecast: TrayForecast, toHours: number, count = 60): readonly DryPoint[] {
  const { body, room, startMs, refit } = forecast;
  const clock = roomClock(room, startMs, forecast.waterActivityPct);
  return Array.from({ length: count }, (_, i) => {
    const hours = (toHours * i) / (count - 1);
    const spent = clock(startMs + hours * HOUR_MS);
    return {
      hours,
      dry: spreadOf(refit.rate, (rate) => dryFraction(body, spent, REFERENCE_MM2_H.best * rate)),
    };
  });
}

/** Dryness against low, best and high rate. */
function spreadOf(rate: Spread, dry: (rate: number) => number): Spread {
  return { low: dry(rate.low), best: dry(rate.best), high: dry(rate.high) };
}
