import {
  corrections,
  dampReading,
  dampWindow,
  movedWindow,
  type Correction,
  type DampWindow,
  type Felt,
} from '../binder';
import { learnedDamp } from '../learning';
import { materialById } from '../materials';
import { bowlContents, roomOf, type Batch, type BowlNumber } from '../records';
import { scentReading } from '../scent';
import { usualOilId } from './fixes';

export interface Squeeze {
  readonly felt: Felt;
  readonly acidIn: boolean;
  /** Room humidity in % to go by when the batch has no reading of its own. */
  readonly humidityPct: number;
  /** Grams of water a squirt of this maker's sprayer gives, over 0. */
  readonly gramsPerSquirt: number;
  /** Batches that teach how damp the mix wants to be; the one at the bench does not count. */
  readonly taughtBy: readonly Batch[];
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

/** What to add to a bowl of this batch after a squeeze, from what was really weighed and the room it is in. */
export function benchCures(
  batch: Batch,
  squeeze: Squeeze,
  bowl: BowlNumber = 1,
): readonly BenchCure[] {
  const contents = bowlContents(batch, bowl);
  const humidityPct = roomOf(batch)?.humidityPct ?? squeeze.humidityPct;
  const oilId = usualOilId(
    contents.map(({ materialId, massG }) => ({ material: materialById(materialId), massG })),
  );
  const scentLoadPct = scentReading(contents, batch.body.family).loadPct;
  return corrections({
    ...squeeze,
    humidityPct,
    contents,
    window: benchWindow(batch, squeeze, bowl),
    allowsSkinOil: batch.body.family === 'bath-bomb',
    oilId,
  }).map((cure) => ({
    ...cure,
    scentLoadPct,
    scentLoadAfterPct: scentReading(
      [...contents, { materialId: cure.materialId, massG: cure.firstG }],
      batch.body.family,
    ).loadPct,
    testAgainMin: materialById(cure.materialId).isLiquid ? REMIX_MIN : POWDER_MIN,
  }));
}

/** The damp window of a bowl in its room, moved by what other batches taught. */
export function benchWindow(
  batch: Batch,
  { humidityPct: usualPct, taughtBy }: Pick<Squeeze, 'humidityPct' | 'taughtBy'>,
  bowl: BowlNumber = 1,
): DampWindow {
  const humidityPct = roomOf(batch)?.humidityPct ?? usualPct;
  const { settingFatFraction } = dampReading(bowlContents(batch, bowl));
  const { method, family } = batch.body;
  const others = taughtBy.filter(({ id }) => id !== batch.id);
  const own = learnedDamp(others, { humidityPct, method, family });
  return movedWindow(dampWindow(method, humidityPct, settingFatFraction), own?.estimate ?? 1);
}
