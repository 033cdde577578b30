import type { StepOf } from '@/core/work/bench-steps/stepSchema';
import type { Tending } from '@/core/work/bench-steps/tendings';
import type { Catalog } from '@/core/matter/materials/catalog';
import { DRESSING_WAIT_MIN } from '@/core/work/flow/dressing';
import { laterSteps } from '@/core/work/flow/stepsOf';
import { standing } from '../records/summary';
import type { Batch } from '../records/schema';
import { REFERENCE_MM2_H, hoursToDry } from '../drying/forecast';
import { roomClock } from '../drying/roomClock';
import type { TrayForecast } from './trayForecast';

const HOUR_MS = 3_600_000;
/** Turned once it holds, and never in the first hour. Common practice; the share is a Rovack estimate. */
const TURN_FRACTION = 0.5;
const TURN_FROM_H = 1;
const ICE_FRACTION = 0.7;
/** Painted the next day. */
const PAINT_FRACTION = 0.9;
const PAINT_FROM_H = 12;
const WRAP_FRACTION = 0.95;
/** Loose salts lie 4 to 12 hours. */
const JAR_FROM_H = 4;
const ICING_H = DRESSING_WAIT_MIN.ice / 60;
const PAINT_H = DRESSING_WAIT_MIN.paint / 60;

export interface TendingNow {
  readonly what: Tending;
  readonly title: string;
  readonly note: string;
  readonly state: 'done' | 'now' | 'later' | 'never';
  /** Earliest good moment, ms since 1970; null when it was done, or never comes in this room. */
  readonly fromMs: number | null;
  readonly doneAtMs: number | null;
  /** What it waits for, when that is not drying alone. */
  readonly waitsFor: string | null;
}

/**
 * What the pieces on a tray ask for, in the order of the work: turn, ice, paint, wrap. Common practice on the forecast.
 * Nothing is wrapped before what comes on it is dry.
 */
export function tendings(
  batch: Batch,
  forecast: TrayForecast,
  nowMs: number,
  catalog: Catalog,
): readonly TendingNow[] {
  const planned = batch.steps.filter((step): step is StepOf<'later'> => step.kind === 'later');
  const steps =
    planned.length > 0
      ? planned
      : laterSteps(batch.body, catalog).filter(
          (step): step is StepOf<'later'> => step.kind === 'later',
        );
  const doneAt = new Map(standing(batch, 'tended').map(({ what, at }) => [what, Date.parse(at)]));
  const has = (what: Tending) => steps.some((step) => step.what === what);
  const isLoose = batch.body.method === 'loose';
  /** A piece that is dry has nothing left to be turned for. */
  const isMoot = (what: Tending) =>
    what === 'turn' && !doneAt.has('turn') && forecast.dry.best >= WRAP_FRACTION;
  return steps
    .filter(({ what }) => !isMoot(what))
    .map(({ what, title, note }) => {
      const doneAtMs = doneAt.get(what) ?? null;
      if (doneAtMs !== null)
        return { what, title, note, state: 'done', fromMs: null, doneAtMs, waitsFor: null };
      const [dryMs, waitsFor] =
        what === 'wrap'
          ? wrapFrom(forecast, doneAt, has, isLoose)
          : [dryFrom(forecast, what), null];
      const state = dryMs === null ? 'never' : dryMs <= nowMs ? 'now' : 'later';
      return { what, title, note, state, fromMs: dryMs, doneAtMs, waitsFor };
    });
}

function dryFrom(forecast: TrayForecast, what: Exclude<Tending, 'wrap'>): number | null {
  switch (what) {
    case 'turn':
      return reaches(forecast, TURN_FRACTION, TURN_FROM_H);
    case 'ice':
      return reaches(forecast, ICE_FRACTION, 0);
    case 'paint':
      return reaches(forecast, PAINT_FRACTION, PAINT_FROM_H);
  }
}

function wrapFrom(
  forecast: TrayForecast,
  doneAt: ReadonlyMap<Tending, number>,
  has: (what: Tending) => boolean,
  isLoose: boolean,
): readonly [number | null, string | null] {
  const dryMs = reaches(forecast, WRAP_FRACTION, isLoose ? JAR_FROM_H : 0);
  if (dryMs === null) return [null, null];
  let fromMs = dryMs;
  let waitsFor: string | null = null;
  for (const [what, hours, said] of [
    ['ice', ICING_H, 'icing'],
    ['paint', PAINT_H, 'paint'],
  ] as const) {
    if (!has(what)) continue;
    const dressedMs = doneAt.get(what) ?? dryFrom(forecast, what) ?? dryMs;
    const readyMs = dressedMs + hours * HOUR_MS;
    if (readyMs > fromMs) {
      fromMs = readyMs;
      waitsFor = said;
    }
  }
  return [fromMs, waitsFor];
}

/** When a share is dry by the best forecast and so many hours have passed, ms since 1970. */
function reaches(
  { body, room, startMs, refit, waterActivityPct }: TrayForecast,
  fraction: number,
  leastH: number,
): number | null {
  const clock = roomClock(room, startMs, waterActivityPct);
  const hours = hoursToDry(body, fraction, REFERENCE_MM2_H.best * refit.rate.best, (after) =>
    clock(startMs + after * HOUR_MS),
  );
  return hours === null ? null : startMs + Math.max(hours, leastH) * HOUR_MS;
}
