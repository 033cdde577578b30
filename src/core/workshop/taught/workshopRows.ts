import { dampRecordsOf, lossRecordsOf } from '@/core/batches/records/fromBatches';
import type { Batch } from '@/core/batches/records/schema';
import { dryingRecordsOf } from '@/core/batches/trays/learnedDrying';
import type { Trial } from '@/core/batches/trials/schema';
import { teachingOf, triedBatches, type Teaching } from '@/core/batches/trials/taught';
import type { RoomDay } from '@/core/matter/air/roomDaySchema';
import type { Catalog } from '@/core/matter/materials/catalog';
import { speaking, type Exclusion, type LearnedId } from '@/core/results/learning/exclusions';
import {
  DAMP_WANTED,
  DRYING_DIFFUSIVITY,
  FLOATS_UNDER,
  FOAM_STANDS,
  PRESS_LOSS,
  SHARE_KEPT,
  SHOWERS_LAST,
  WEAR_SPEED,
  taughtBy,
  type DampRecord,
  type Dated,
  type Place,
  type Quantity,
} from '@/core/results/learning/quantities';
import {
  coefficientOf,
  narrowedBy,
  quantityRow,
  type Estimate,
  type QuantityRow,
  type Sourced,
} from '@/core/results/learning/quantityRow';

/** What the rows are computed from. */
export interface TaughtQuestion {
  readonly batches: readonly Batch[];
  readonly trials: readonly Trial[];
  readonly days: readonly RoomDay[];
  readonly exclusions: readonly Exclusion[];
  /** What is asked of the quantities that depend on it: the mix, how it is formed, the air. */
  readonly place: Place;
  readonly nowMs: number;
}

export type TaughtRow = QuantityRow & {
  readonly id: LearnedId;
  readonly excluded: readonly Exclusion[];
};

export interface WorkshopRows {
  readonly rows: readonly TaughtRow[];
  /** How much damper a mix wants to be for each 10 points of humidity more, on top of the shipped slope. */
  readonly dampSlope: { readonly shipped: Estimate; readonly yours: Estimate } | null;
}

/** Weeks of store at which the share of fizz is asked. */
export const SHARE_ASKED_WEEKS = 4;

/** One row for each quantity that batches and tests teach, and the slope of moisture with humidity. */
export function workshopRows(question: TaughtQuestion, catalog: Catalog): WorkshopRows {
  const { batches, trials, days, exclusions, place, nowMs } = question;
  const tried = triedBatches(trials, batches).map((one) => ({ ...one, id: one.trial.id }));
  const teachings = <K extends keyof Teaching>(id: K) =>
    speaking(tried, id, exclusions).flatMap(
      (one): readonly (NonNullable<Teaching[K]> & Sourced)[] => {
        const teaching = teachingOf(one, catalog)[id];
        return teaching ? [{ ...teaching, sourceId: one.id }] : [];
      },
    );
  /** Each batch by itself, so that a record knows where it comes from. */
  const ofBatches = <R extends Dated>(id: LearnedId, records: (batch: Batch) => readonly R[]) =>
    speaking(batches, id, exclusions).flatMap((batch) =>
      records(batch).map((record) => ({ ...record, sourceId: batch.id })),
    );
  const row = <R extends Dated, Q>(
    id: LearnedId,
    quantity: Quantity<R, Q>,
    records: readonly (R & Sourced)[],
    asked: Q,
  ): TaughtRow => ({
    id,
    ...quantityRow(quantity as Quantity<R & Sourced, Q>, records, asked, nowMs),
    excluded: exclusions.filter((one) => one.quantity === id),
  });
  const damp =
    place.method === 'loose'
      ? []
      : ofBatches<DampRecord>('damp', (batch) => dampRecordsOf([batch], catalog));
  return {
    rows: [
      row('damp', DAMP_WANTED, damp, place),
      row(
        'drying',
        DRYING_DIFFUSIVITY,
        ofBatches('drying', (batch) => dryingRecordsOf([batch], days, catalog)),
        place,
      ),
      row(
        'loss',
        PRESS_LOSS,
        ofBatches('loss', (batch) => lossRecordsOf([batch])),
        null,
      ),
      // The plain reference piece: what the shipped model makes of others is its own.
      row('wear', WEAR_SPEED, teachings('wear'), { modelLog: 0 }),
      row('floats', FLOATS_UNDER, teachings('floats'), null),
      row('showers', SHOWERS_LAST, teachings('showers'), null),
      row('foam', FOAM_STANDS, teachings('foam'), null),
      row('share', SHARE_KEPT, teachings('share'), { weeks: SHARE_ASKED_WEEKS }),
    ],
    dampSlope:
      damp.length > 0
        ? {
            shipped: coefficientOf(DAMP_WANTED.prior, SLOPE),
            yours: coefficientOf(taughtBy(DAMP_WANTED, damp).belief, SLOPE),
          }
        : null,
  };
}

/** A band that one more record would narrow by less than this share is as good as it gets. Rovack estimate. */
const LEAST_GAIN = 0.01;

/** The quantity that one more record would tell most of, and by what share its band would narrow; null where none would tell much. */
export function teachesMost(
  rows: readonly TaughtRow[],
): { readonly row: TaughtRow; readonly gain: number } | null {
  const [best] = rows
    .map((row) => ({ row, gain: narrowedBy(row) }))
    .sort((a, b) => b.gain - a.gain);
  return best && best.gain >= LEAST_GAIN ? best : null;
}

/** Which coefficient of the liquid wanted is that of 10 points of humidity. */
const SLOPE = 1;
