import { ownShelfLife } from '@/core/batches/records/keptBack';
import type { Batch } from '@/core/batches/records/schema';
import { exactly, type Spread } from '@/core/basics/units/spread';
import { USUAL_SMALL_MEASURES } from '@/core/formula/reading/massOfMeasures';
import type { Method } from '@/core/formula/model/schema';
import type { Catalog } from '@/core/matter/materials/catalog';
import { packedDensityGMl } from '@/core/results/fizz/packedDensity';
import { packedFromFills, type Fill } from '@/core/results/learning/fromFills';
import { smallMeasuresOf } from '@/core/workshop/settings/smallMeasures';
import type { Tool } from '@/core/workshop/shelf/tool';
import { toolsOf } from '@/core/workshop/shelf/workplace';
import { mixFactor, pressMinutesEach, type Middle } from './learned';

export const OWN_MEASURE_IDS = ['squirt', 'drop', 'packed', 'press', 'mixing', 'keeping'] as const;
export type OwnMeasureId = (typeof OWN_MEASURE_IDS)[number];

/** Something the workshop measured by itself, beside what Rovack came with. */
export interface OwnMeasure {
  readonly id: OwnMeasureId;
  /** Null where Rovack comes with none. */
  readonly shipped: Spread | null;
  /** Null while nothing was measured. */
  readonly yours: Spread | null;
  readonly records: number;
}

export interface OwnMeasuresQuestion {
  readonly batches: readonly Batch[];
  readonly tools: readonly Tool[];
  readonly fills: readonly Fill[];
  readonly method: Method;
  readonly catalog: Catalog;
}

/** A ball a minute on a single press: 20 in 20 minutes. Common practice. */
const USUAL_PRESS_MIN = 1;

/**
 * What is measured and not estimated: grams a squirt, drops of oil to the milliliter, packed density by the method in hand in
 * g/mL, minutes a piece at the press, own mixing over the usual minutes, and months that retained samples kept.
 */
export function ownMeasures(question: OwnMeasuresQuestion): readonly OwnMeasure[] {
  const { batches, tools, fills, method, catalog } = question;
  const small = smallMeasuresOf(tools);
  const weighed = (kind: 'sprayer' | 'dropper') => toolsOf(tools, kind).length;
  const tool = (id: OwnMeasureId, kind: 'sprayer' | 'dropper', shipped: Spread, own: Spread) => ({
    id,
    shipped,
    yours: weighed(kind) > 0 ? own : null,
    records: weighed(kind),
  });
  const packed = packedFromFills(fills, method);
  const seen = (id: OwnMeasureId, usual: number, middle: Middle | null): OwnMeasure => ({
    id,
    shipped: exactly(usual),
    yours: middle && exactly(middle.value),
    records: middle?.records ?? 0,
  });
  const { gramsPerSquirt, oilDropsPerMl } = USUAL_SMALL_MEASURES;
  return [
    tool('squirt', 'sprayer', gramsPerSquirt, small.gramsPerSquirt),
    tool('drop', 'dropper', oilDropsPerMl, small.oilDropsPerMl),
    {
      id: 'packed',
      shipped: packedDensityGMl(method),
      yours: packed && packed.records > 0 ? packed.densityGMl : null,
      records: packed?.records ?? 0,
    },
    seen('press', USUAL_PRESS_MIN, pressMinutesEach(batches)),
    seen('mixing', 1, mixFactor(batches, catalog)),
    keeping(batches),
  ];
}

/** Months that pieces were still good, up to where one was not any more. */
function keeping(batches: readonly Batch[]): OwnMeasure {
  const { goodToMonths, badFromMonths, looks } = ownShelfLife(batches);
  const good = goodToMonths ?? 0;
  const yours: Spread | null =
    looks === 0 ? null : { low: good, best: good, high: badFromMonths ?? Infinity };
  return { id: 'keeping', shipped: null, yours, records: looks };
}
