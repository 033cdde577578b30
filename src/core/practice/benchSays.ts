import { corrections } from '@/core/results/binder/correction';
import { dampWindow } from '@/core/results/binder/windows';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { portionsOf } from '@/core/matter/materials/portion';
import { USUAL_SMALL_MEASURES } from '@/core/formula/reading/massOfMeasures';
import { usualOilId } from '@/core/results/evaluation/fixes';
import type { Correction, Felt } from '@/core/results/binder/correction';
import type { BowlState } from './bowlState';

/**
 * What Rovack would say at the bench after this squeeze: from what is in the bowl, the meter on the wall and the hand, as
 * for a real batch, and with nothing of the truth.
 */
export function benchSays(bowl: BowlState, felt: Felt): readonly Correction[] {
  const { lesson, truth, contents, acidIn } = bowl;
  const { method, readHumidityPct } = truth;
  const mix = portionsOf(SHIPPED, acidIn ? contents : [...contents, ...truth.toCome]);
  return corrections({
    felt,
    acidIn,
    contents: mix,
    catalog: SHIPPED,
    windowOf: (reading) => dampWindow(method, readHumidityPct, reading),
    humidityPct: readHumidityPct,
    gramsPerSquirt: bowl.weighedSquirtG ?? USUAL_SMALL_MEASURES.gramsPerSquirt.best,
    allowsSkinOil: lesson.family === 'bath-bomb',
    oilId: usualOilId(mix),
    sprayId: lesson.family === 'shower-steamer' ? 'witch-hazel' : 'water',
  });
}
