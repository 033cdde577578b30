import { USUAL_CONDITIONS, type Conditions, type OwnTrials } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import type { Evaluation } from '@/core/results/evaluation/types';
import { wornS } from '@/core/results/fizz/wetting';
import {
  FLOATS_UNDER,
  FOAM_STANDS,
  SHARE_KEPT,
  SHOWERS_LAST,
  WEAR_SPEED,
  askedOf,
  taughtBy,
  type FloatRecord,
  type OverModel,
  type ShareRecord,
  type WearRecord,
} from '@/core/results/learning/quantities';
import { speaking, type Exclusion } from '@/core/results/learning/exclusions';
import { portionsOf } from '@/core/matter/materials/portion';
import type { Catalog } from '@/core/matter/materials/catalog';
import type { Batch } from '../records/schema';
import { moldVolumeMl } from '@/core/work/scaling/molds';
import { expectedLoss } from './gas-loss/expectedLoss';
import { readGasLoss } from './gas-loss/readGasLoss';
import type { GasLossResult } from './gas-loss/types';
import { phaseS } from './phases';
import type { Trial } from './schema';
import type { SeenWhat } from './seen';
import { standingIn } from './write';

/** A finger's breadth, cm. Common practice. */
const FINGER_CM = 1.6;
/** No finger at all is less than half of one. */
const LEAST_FINGERS = 0.25;
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
    return batch && !trial.voidedAt ? [{ trial, batch }] : [];
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
export function gasLossOf({ trial, batch }: TriedBatch, catalog: Catalog): GasLossResult | null {
  if (trial.kind !== 'scale' || trial.stepG === null) return null;
  const portions = portionsOf(
    catalog,
    batch.body.parts.flatMap(({ lines }) => lines),
  );
  if (portions.length === 0) return { ok: false, problem: 'nothing-fizzes' };
  const jugs = standingIn(trial, 'jug');
  return readGasLoss({
    readings: [
      ...jugs.map(({ massG }, i) => ({ seconds: i - jugs.length, massG })),
      ...trial.readings.map(([seconds, massG]) => ({ seconds, massG })),
    ],
    sampleG: trial.pieceG,
    stepG: trial.stepG,
    expectedG: expectedLoss(portions, trial.pieceG, trial.water).lossG,
  });
}

/** What one trial says of each quantity; left out where it says nothing. */
export interface Teaching {
  readonly wear?: WearRecord;
  readonly floats?: FloatRecord;
  readonly showers?: OverModel;
  readonly foam?: OverModel;
  readonly share?: ShareRecord;
}

interface Learnt {
  readonly batch: Batch;
  readonly catalog: Catalog;
  readonly teaching: Teaching;
}
/** A trial that did not change says what it said: its models are not run again for each weight at the bench. */
const known = new WeakMap<Trial, Learnt>();

/** What a trial teaches, set against the shipped models. */
export function teachingOf(one: TriedBatch, catalog: Catalog): Teaching {
  const before = known.get(one.trial);
  if (before?.batch === one.batch && before.catalog === catalog) return before.teaching;
  const teaching = computed(one, catalog);
  known.set(one.trial, { batch: one.batch, catalog, teaching });
  return teaching;
}

function computed(one: TriedBatch, catalog: Catalog): Teaching {
  const { trial } = one;
  const at = trial.startedAt;
  const { lasting, surface } = shippedFor(one, catalog);
  // A jug that is still being weighed says nothing yet.
  const jug = trial.finishedAt === null ? null : gasLossOf(one, catalog);
  const answer = jug?.ok && jug.value.isOver ? jug.value : null;
  const seen = (what: SeenWhat) =>
    standingIn(trial, 'seen').find((entry) => entry.what === what)?.value ?? null;

  const scaleGoneS = trial.isCrumbs ? null : (answer?.goneS.best ?? null);
  const goneS = trial.kind === 'scale' ? scaleGoneS : phaseS(trial, 'gone');
  const worn = goneS === null ? 0 : wornS(goneS);
  const showers = seen('showers');
  const fingers = seen('foam-1-min');
  const foamCm = surface?.foamCm.best ?? 0;
  const densityGMl = densityOf(one);
  const floated = phaseS(trial, 'floats') !== null;
  return {
    ...(worn > 0 &&
      lasting &&
      lasting.kind !== 'showered' && {
        wear: { at, modelLog: lasting.modelLog, overModel: lasting.goneS.best / worn },
      }),
    ...(densityGMl !== null &&
      (floated || phaseS(trial, 'sinks') !== null) && { floats: { at, densityGMl, floated } }),
    ...(showers !== null &&
      lasting?.kind === 'showered' && {
        showers: { at, overModel: Number(showers) / lasting.showers.best },
      }),
    ...(fingers !== null &&
      foamCm > 0 && {
        foam: { at, overModel: (Math.max(LEAST_FINGERS, Number(fingers)) * FINGER_CM) / foamCm },
      }),
    ...(answer &&
      answer.share.best > 0 &&
      trial.ageDays !== null && {
        share: { at, weeks: trial.ageDays / DAYS_A_WEEK, share: answer.share.best },
      }),
  };
}

/** All that a workshop's trials teach, as what a judgement takes. */
export function taughtByTrials(
  trials: readonly Trial[],
  batches: readonly Batch[],
  catalog: Catalog,
  exclusions: readonly Exclusion[] = [],
): OwnTrials {
  const teachings = triedBatches(trials, batches).map((one) => ({
    id: one.trial.id,
    teaching: teachingOf(one, catalog),
  }));
  const all = <K extends keyof Teaching>(key: K) =>
    speaking(teachings, key, exclusions).flatMap(
      ({ teaching }) => teaching[key] ?? [],
    ) as NonNullable<Teaching[K]>[];
  const [wear, floats, showers] = [all('wear'), all('floats'), all('showers')];
  const [foam, share] = [all('foam'), all('share')];
  return {
    ...(wear.length > 0 && { wear: taughtBy(WEAR_SPEED, wear) }),
    ...(floats.length > 0 && { floats: taughtBy(FLOATS_UNDER, floats) }),
    ...(showers.length > 0 && { showers: taughtBy(SHOWERS_LAST, showers) }),
    ...(foam.length > 0 && { foam: taughtBy(FOAM_STANDS, foam) }),
    ...(share.length > 0 && { share: taughtBy(SHARE_KEPT, share) }),
  };
}

/** Share of its fizz that own jugs leave in a piece of so many days, at most all of it; all while none speaks. */
export function keptShare({ share }: OwnTrials, ageDays: number): number {
  if (!share) return 1;
  return Math.min(1, askedOf(SHARE_KEPT, share, { weeks: ageDays / DAYS_A_WEEK }).estimate);
}

/** Seconds after which tried pieces of a formula were gone. */
export function goneSecondsOf(
  formulaId: string,
  trials: readonly Trial[],
  batches: readonly Batch[],
): readonly number[] {
  return triedBatches(trials, batches).flatMap(({ trial, batch }) => {
    const goneS = batch.formulaId === formulaId ? phaseS(trial, 'gone') : null;
    return goneS === null ? [] : [goneS];
  });
}

const FRESH_DAYS = 7;
const STORED_DAYS = 21;

/** What jugs found of a batch: in its first week, and weeks later; null where none was set up. */
export function gasLossShares(
  tried: readonly TriedBatch[],
  catalog: Catalog,
): { readonly freshShare: number | null; readonly storedShare: number | null } {
  const shares = tried.flatMap((one) => {
    const { share } = teachingOf(one, catalog);
    return share ? [{ days: DAYS_A_WEEK * share.weeks, share: share.share }] : [];
  });
  return {
    freshShare: shares.findLast(({ days }) => days <= FRESH_DAYS)?.share ?? null,
    storedShare: shares.findLast(({ days }) => days >= STORED_DAYS)?.share ?? null,
  };
}
