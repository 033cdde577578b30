import { corrections, type Correction, type Felt } from '@/core/results/binder/correction';
import { dampReading } from '@/core/results/binder/damp';
import type { DampWindow } from '@/core/results/binder/windows';
import { dampWindowIn } from '@/core/results/conditions/dampWindowIn';
import type { Conditions } from '@/core/results/conditions/types';
import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { portionsOf, type Portion } from '@/core/matter/materials/portion';
import { bowlContents, mixToCome, type BowlNumber } from '../records/bowl';
import type { Batch } from '../records/schema';
import { mayHold } from '@/core/results/safety/mayHold';
import { scentReading } from '@/core/results/scent/load';
import { usualOilId } from '@/core/results/evaluation/fixes';

export interface Squeeze {
  readonly felt: Felt;
  readonly acidIn: boolean;
  /** Grams of water a squirt of this maker's sprayer gives, over 0. */
  readonly gramsPerSquirt: number;
}

/** A correction with what it does to scent and cost, and when to squeeze again. */
export interface BenchCure extends Correction {
  readonly scentLoadPct: number;
  readonly scentLoadAfterPct: number;
  /** Minutes of mixing before the next squeeze. */
  readonly testAgainMin: number;
}

/** A spray and a gram of oil want a full remix; powder wants longer to take the damp up. Common practice. */
const REMIX_MIN = 2;
const POWDER_MIN = 5;

/**
 * What to add to a bowl of this batch after a squeeze, from what was really weighed and the room it is in.
 * Before the acid the mix is judged as it will be with the acid in.
 */
export function benchCures(
  batch: Batch,
  squeeze: Squeeze,
  conditions: Conditions,
  bowl: BowlNumber = 1,
): readonly BenchCure[] {
  const { catalog, humidityPct } = conditions;
  const contents = judgedMix(batch, conditions, bowl);
  const { family } = batch.body;
  const scentLoadPct = scentReading(contents, family).loadPct;
  return corrections({
    ...squeeze,
    catalog,
    humidityPct,
    contents,
    windowOf: (mix) => dampWindowIn(conditions, batch.body, mix),
    allowsSkinOil: family === 'bath-bomb',
    isCleaner: family === 'cleaning-fizzy',
    oilId: usualOilId(contents),
    sprayId: sprayOf(batch.body, catalog) ?? 'water',
  }).flatMap((cure) => {
    const material = materialById(catalog, cure.materialId);
    if (!mayHold(contents, material, family)) return [];
    return {
      ...cure,
      scentLoadPct,
      scentLoadAfterPct: scentReading([...contents, { material, massG: cure.firstG }], family)
        .loadPct,
      testAgainMin: material.isLiquid ? REMIX_MIN : POWDER_MIN,
    };
  });
}

/** How damp a bowl is against the window it is judged by: with all in that it is still to get. */
export function bowlDamp(
  batch: Batch,
  conditions: Conditions,
  bowl: BowlNumber = 1,
): { readonly dampIndexPct: number | null; readonly window: DampWindow } {
  const reading = dampReading(judgedMix(batch, conditions, bowl));
  return {
    dampIndexPct: reading.dampIndexPct,
    window: dampWindowIn(conditions, batch.body, reading),
  };
}

function judgedMix(batch: Batch, { catalog }: Conditions, bowl: BowlNumber): readonly Portion[] {
  return portionsOf(catalog, [...bowlContents(batch, bowl), ...mixToCome(batch, bowl)]);
}

/** What the recipe says it is sprayed with, else the watery binder it holds itself. */
function sprayOf(body: FormulaBody, catalog: Catalog): string | undefined {
  const sprayed = allLines(body).find(({ how }) => how === 'sprayed');
  const binder = body.parts[0]?.lines.find(
    ({ materialId, how }) =>
      how !== 'bloom-water' && materialById(catalog, materialId).role === 'watery',
  );
  return (sprayed ?? binder)?.materialId;
}
