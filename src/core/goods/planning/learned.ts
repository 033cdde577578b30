import { MINUTE_MS } from '@/core/basics/time';
import { standing } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { workOf } from '@/core/work/flow/workOf';
import type { Catalog } from '@/core/matter/materials/catalog';

/** A break at the press is no press. */
const LONGEST_PIECE_MIN = 10;
/** A bowl left over night was not mixed all night. */
const LONGEST_MIX_MIN = 480;
const LEAST_RECORDS = 5;
/** Further from the usual than this, a clock was wrong, or paper was typed off. */
const MIX_FACTORS = { low: 0.25, high: 4 };

/** The middle of what own batches show, and how many times it was seen. */
export interface Middle {
  readonly value: number;
  readonly records: number;
}

/** Minutes a piece at the press, the middle of all that own batches show; null until there are a few. */
export function pressMinutesEach(batches: readonly Batch[]): Middle | null {
  return middle(
    batches.flatMap((batch) => {
      const filled = standing(batch, 'filled').map(({ at }) => Date.parse(at) / MINUTE_MS);
      return filled
        .slice(1)
        .map((at, i) => at - (filled[i] ?? at))
        .filter((gap) => gap > 0 && gap <= LONGEST_PIECE_MIN);
    }),
  );
}

/**
 * By how much own mixing takes longer than the usual minutes, from the first weight to the first piece, soaks and all,
 * pauses left out: the middle of own batches; null until there are a few.
 */
export function mixFactor(batches: readonly Batch[], catalog: Catalog): Middle | null {
  return middle(
    batches.flatMap((batch) => {
      const took = mixingMin(batch);
      const usual = usualMixingMin(batch, catalog);
      const factor = took === null || !(usual > 0) ? NaN : took / usual;
      return factor >= MIX_FACTORS.low && factor <= MIX_FACTORS.high ? [factor] : [];
    }),
  );
}

function mixingMin(batch: Batch): number | null {
  const first = standing(batch, 'weighed').find(({ by }) => by !== 'as-planned');
  const filled = standing(batch, 'filled')[0];
  if (!first || !filled) return null;
  const [from, to] = [Date.parse(first.at), Date.parse(filled.at)];
  const pauses = standing(batch, 'paused').reduce((sum, { at }) => {
    const resumed = standing(batch, 'resumed').find((one) => Date.parse(one.at) >= Date.parse(at));
    const [out, back] = [Date.parse(at), Date.parse(resumed?.at ?? filled.at)];
    return out >= from && out < to ? sum + Math.min(back, to) - out : sum;
  }, 0);
  const minutes = (to - from - pauses) / MINUTE_MS;
  return minutes > 0 && minutes <= LONGEST_MIX_MIN ? minutes : null;
}

function usualMixingMin({ body, plan }: Batch, catalog: Catalog): number {
  const { operations } = workOf(body, {
    catalog,
    pieces: plan.pieces,
    weighG: new Map(plan.lines.map(({ lineId, targetG }) => [lineId, targetG])),
    counted: new Set(),
  });
  const fill = operations.findIndex(({ op }) => op === 'fill');
  return operations
    .slice(0, Math.max(0, fill))
    .reduce((sum, { minutes, waitMinMin }) => sum + minutes + waitMinMin, 0);
}

function middle(values: readonly number[]): Middle | null {
  const value = [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
  return value === undefined || values.length < LEAST_RECORDS
    ? null
    : { value, records: values.length };
}
