import {
  corrections,
  dampReading,
  dampWindow,
  movedWindow,
  type Correction,
  type Felt,
} from '../binder';
import { learnedDamp } from '../learning';
import { materialById } from '../materials';
import { bowlContents, roomOf, type Batch } from '../records';
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

/** What to add to the bowl of this batch after a squeeze, from what was really weighed and the room it is in. */
export function benchCures(batch: Batch, squeeze: Squeeze): readonly Correction[] {
  const contents = bowlContents(batch);
  const humidityPct = roomOf(batch)?.humidityPct ?? squeeze.humidityPct;
  const { settingFatFraction } = dampReading(contents);
  const oilId = usualOilId(
    contents.map(({ materialId, massG }) => ({ material: materialById(materialId), massG })),
  );
  const { method, family } = batch.body;
  const others = squeeze.taughtBy.filter(({ id }) => id !== batch.id);
  const own = learnedDamp(others, { humidityPct, method, family });
  return corrections({
    ...squeeze,
    humidityPct,
    contents,
    window: movedWindow(dampWindow(method, humidityPct, settingFatFraction), own?.estimate ?? 1),
    allowsSkinOil: batch.body.family === 'bath-bomb',
    oilId,
  });
}
