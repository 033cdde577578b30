import type { OwnTrials } from '../conditions';
import { USUAL_CONDITIONS, type Conditions } from '../conditions';
import { evaluate, type Evaluation } from '../evaluation';
import { wornS } from '../fizz';
import {
  FLOATS_UNDER,
  FOAM_STANDS,
  SHARE_KEPT,
  SHOWERS_LAST,
  WEAR_SPEED,
  taughtBy,
  type FloatRecord,
  type OverModel,
  type ShareRecord,
  type WearRecord,
} from '../learning';
import { portionsOf, type Catalog } from '../materials';
import type { Batch } from '../records';
import { moldVolumeMl } from '../scaling';
import { expectedLoss, readJug, type JugResult } from './jug';
import { phaseS } from './phases';
import type { Trial } from './schema';
import { standingIn } from './write';

/** A finger's breadth, cm. Common practice. */
const FINGER_CM = 1.6;
const DAYS_A_WEEK = 7;

/** A trial with the batch its piece came from. */
export interface TriedBatch {
  readonly trial: Trial;
  readonly batch: Batch;
}

/** Trials of pieces that this workshop made; those from elsewhere, and those taken back, teach nothing. */
export function triedBatches(
  trials: readonly Trial[],
  batches: readonly Batch[],
): readonly TriedBatch[] {
  const byId = new Map(batches.map((batch) => [batch.id, batch]));
  return trials.flatMap((trial) => {
    const batch = trial.batchId === null ? undefined : byId.get(trial.batchId);
    return batch ? [{ trial, batch }] : [];
  });
}

/** What the shipped models say of this piece in this water, nothing of one's own in it. */
export function shippedFor({ trial, batch }: TriedBatch, catalog: Catalog): Evaluation {
  const conditions: Conditions = {
    ...USUAL_CONDITIONS,
    catalog,
    tub: trial.water,
    pieceG: trial.pieceG,
  };
  return evaluate(batch.body, conditions);
}

/** Grams a milliliter of the piece as it is, by its mold; null where it came out of none. */
export function densityOf({ trial, batch }: TriedBatch): number | null {
  if (batch.body.method === 'loose' || trial.isCrumbs) return null;
  const volumeMl = moldVolumeMl(batch.request.mold);
  const density = trial.pieceG / volumeMl;
  return density > 0.4 && density < 2 ? density : null;
}

/** The jug's answer; null for a trial that is none. */
export function jugOf({ trial, batch }: TriedBatch, catalog: Catalog): JugResult | null {
  if (trial.kind !== 'scale' || trial.stepG === null) return null;
  const portions = portionsOf(
    catalog,
    batch.body.parts.flatMap(({ lines }) => lines),
  );
  if (portions.length === 0) return { ok: false, problem: 'nothing-fizzes' };
  const jugs = standingIn(trial, 'jug');
  return readJug({
    readings: [
      ...jugs.map(({ massG }, i) => ({ seconds: i - jugs.length, massG })),
      ...trial.readings.map(([seconds, massG]) => ({ seconds, massG })),
    ],
    sampleG: trial.pieceG,
    stepG: trial.stepG,
    expectedG: expectedLoss(portions, trial.pieceG, trial.water).lossG,
  });
}

/** How fast it wore against the shipped model, and what that model made of it. */
export function wearRecords(tried: readonly TriedBatch[], catalog: Catalog): readonly WearRecord[] {
  return tried.flatMap((one) => {
    const goneS = goneIn(one, catalog);
    const { lasting } = shippedFor(one, catalog);
    if (goneS === null || !lasting || lasting.kind === 'showered') return [];
    const worn = wornS(goneS);
    return worn > 0
      ? [
          {
            at: one.trial.startedAt,
            modelLog: lasting.modelLog,
            overModel: lasting.goneS.best / worn,
          },
        ]
      : [];
  });
}

/** By the stopwatch, or by the scale for a whole piece. */
function goneIn(one: TriedBatch, catalog: Catalog): number | null {
  if (one.trial.kind !== 'scale') return phaseS(one.trial, 'gone');
  const result = one.trial.isCrumbs ? null : jugOf(one, catalog);
  return result?.ok && result.answer.isOver ? result.answer.goneS.best : null;
}

export function floatRecords(tried: readonly TriedBatch[]): readonly FloatRecord[] {
  return tried.flatMap((one) => {
    const densityGMl = densityOf(one);
    const isFloating = phaseS(one.trial, 'floats') !== null;
    const isSinking = phaseS(one.trial, 'sinks') !== null;
    return densityGMl !== null && (isFloating || isSinking)
      ? [{ at: one.trial.startedAt, densityGMl, floated: isFloating }]
      : [];
  });
}

export function showerRecords(
  tried: readonly TriedBatch[],
  catalog: Catalog,
): readonly OverModel[] {
  return tried.flatMap((one) => {
    const seen = standingIn(one.trial, 'seen').find(({ what }) => what === 'showers');
    const { lasting } = shippedFor(one, catalog);
    return seen && lasting?.kind === 'showered'
      ? [{ at: one.trial.startedAt, overModel: Number(seen.value) / lasting.showers.best }]
      : [];
  });
}

export function foamRecords(tried: readonly TriedBatch[], catalog: Catalog): readonly OverModel[] {
  return tried.flatMap((one) => {
    const seen = standingIn(one.trial, 'seen').find(({ what }) => what === 'foam-1-min');
    const forecastCm = shippedFor(one, catalog).surface?.foamCm.best ?? 0;
    // No finger at all is less than half of one.
    const fingers = Math.max(0.25, Number(seen?.value ?? 0));
    return seen && forecastCm > 0
      ? [{ at: one.trial.startedAt, overModel: (fingers * FINGER_CM) / forecastCm }]
      : [];
  });
}

export function shareRecords(
  tried: readonly TriedBatch[],
  catalog: Catalog,
): readonly ShareRecord[] {
  return tried.flatMap((one) => {
    const result = jugOf(one, catalog);
    const age = one.trial.ageDays;
    return result?.ok && result.answer.isOver && result.answer.share.best > 0 && age !== null
      ? [
          {
            at: one.trial.startedAt,
            weeks: age / DAYS_A_WEEK,
            share: result.answer.share.best,
          },
        ]
      : [];
  });
}

/** All that a workshop's trials teach, as what a judgement takes. */
export function taughtByTrials(
  trials: readonly Trial[],
  batches: readonly Batch[],
  catalog: Catalog,
): OwnTrials {
  const tried = triedBatches(trials, batches);
  const wear = wearRecords(tried, catalog);
  const floats = floatRecords(tried);
  const showers = showerRecords(tried, catalog);
  const foam = foamRecords(tried, catalog);
  const share = shareRecords(tried, catalog);
  return {
    ...(wear.length > 0 && { wear: taughtBy(WEAR_SPEED, wear) }),
    ...(floats.length > 0 && { floats: taughtBy(FLOATS_UNDER, floats) }),
    ...(showers.length > 0 && { showers: taughtBy(SHOWERS_LAST, showers) }),
    ...(foam.length > 0 && { foam: taughtBy(FOAM_STANDS, foam) }),
    ...(share.length > 0 && { share: taughtBy(SHARE_KEPT, share) }),
  };
}

const FRESH_DAYS = 7;
const STORED_DAYS = 21;

/** What jugs found of a batch: in its first week, and weeks later; null where none was set up. */
export function jugShares(
  tried: readonly TriedBatch[],
  catalog: Catalog,
): { readonly freshShare: number | null; readonly storedShare: number | null } {
  const shares = tried.flatMap((one) => {
    const result = jugOf(one, catalog);
    const days = one.trial.ageDays;
    return result?.ok && result.answer.isOver && days !== null
      ? [{ days, share: result.answer.share.best }]
      : [];
  });
  return {
    freshShare: shares.findLast(({ days }) => days <= FRESH_DAYS)?.share ?? null,
    storedShare: shares.findLast(({ days }) => days >= STORED_DAYS)?.share ?? null,
  };
}
