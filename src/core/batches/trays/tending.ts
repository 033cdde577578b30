import { HOUR_MS } from '@/core/basics/time';
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
/** What stays in its mold until it holds comes out then. Common practice; the share is a Rovack estimate. */
const UNMOLD_FRACTION = 0.7;
const UNMOLD = 'unmold';
/** What is put on a piece dries before it is wrapped. */
const DRESSED: Readonly<
  Partial<Record<Tending, { readonly hours: number; readonly said: string }>>
> = {
  ice: { hours: DRESSING_WAIT_MIN.ice / 60, said: 'icing' },
  paint: { hours: DRESSING_WAIT_MIN.paint / 60, said: 'paint' },
};
type Later = StepOf<'later'>;

export interface TendingNow {
  readonly stepId: string;
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
  const planned = batch.steps.filter((step): step is Later => step.kind === 'later');
  const steps =
    planned.length > 0
      ? planned
      : laterSteps(batch.body, catalog).filter((step): step is Later => step.kind === 'later');
  const entries = standing(batch, 'tended');
  /** An entry that names no step is of all of its kind. */
  const doneAtOf = ({ id, what }: Later): number | null => {
    const entry = entries.findLast((one) => one.step === id || (!one.step && one.what === what));
    return entry ? Date.parse(entry.at) : null;
  };
  const isLoose = batch.body.method === 'loose';
  /** A piece that is dry has nothing left to be turned for; it still lies in its mold. */
  const isMoot = (step: Later) =>
    step.what === 'turn' &&
    step.id !== UNMOLD &&
    doneAtOf(step) === null &&
    forecast.dry.best >= WRAP_FRACTION;
  return steps
    .filter((step) => !isMoot(step))
    .map((step) => {
      const { id: stepId, what, title, note } = step;
      const doneAtMs = doneAtOf(step);
      const said = { stepId, what, title, note, doneAtMs };
      if (doneAtMs !== null) return { ...said, state: 'done', fromMs: null, waitsFor: null };
      const [dryMs, waitsFor] =
        what === 'wrap'
          ? wrapFrom(forecast, steps, doneAtOf, isLoose)
          : [dryFrom(forecast, step), null];
      const state = dryMs === null ? 'never' : dryMs <= nowMs ? 'now' : 'later';
      return { ...said, state, fromMs: dryMs, waitsFor };
    });
}

function dryFrom(forecast: TrayForecast, { id, what }: Later): number | null {
  switch (what) {
    case 'turn':
      return reaches(forecast, id === UNMOLD ? UNMOLD_FRACTION : TURN_FRACTION, TURN_FROM_H);
    case 'wrap':
      return reaches(forecast, WRAP_FRACTION, 0);
    case 'ice':
      return reaches(forecast, ICE_FRACTION, 0);
    case 'paint':
      return reaches(forecast, PAINT_FRACTION, PAINT_FROM_H);
  }
}

function wrapFrom(
  forecast: TrayForecast,
  steps: readonly Later[],
  doneAtOf: (step: Later) => number | null,
  isLoose: boolean,
): readonly [number | null, string | null] {
  const dryMs = reaches(forecast, WRAP_FRACTION, isLoose ? JAR_FROM_H : 0);
  if (dryMs === null) return [null, null];
  let fromMs = dryMs;
  let waitsFor: string | null = null;
  for (const step of steps) {
    const dressing = DRESSED[step.what];
    if (!dressing) continue;
    const dressedMs = doneAtOf(step) ?? dryFrom(forecast, step) ?? dryMs;
    const readyMs = dressedMs + dressing.hours * HOUR_MS;
    if (readyMs > fromMs) {
      fromMs = readyMs;
      waitsFor = dressing.said;
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
