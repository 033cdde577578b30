import { USUAL_SMALL_MEASURES, type SmallMeasures } from '../recipe-text';
import type { Spread } from '../units';
import type { Settings } from './settings';

/** Ten weighed squirts or twenty weighed drops are still some percent apart. Common practice. */
const CALIBRATED: Spread = { low: 0.92, best: 1, high: 1.08 };

/** The maker's own dropper and sprayer where they were weighed, the usual ones where not. */
export function smallMeasuresOf({ gramsPerSquirt, oilDropsPerMl }: Settings): SmallMeasures {
  return {
    ...USUAL_SMALL_MEASURES,
    ...(gramsPerSquirt === null ? {} : { gramsPerSquirt: around(gramsPerSquirt) }),
    ...(oilDropsPerMl === null ? {} : { oilDropsPerMl: around(oilDropsPerMl) }),
  };
}

function around(value: number): Spread {
  return { low: value * CALIBRATED.low, best: value, high: value * CALIBRATED.high };
}
