import { USUAL_SMALL_MEASURES, type SmallMeasures } from '@/core/formula/reading/massOfMeasures';
import type { Spread } from '@/core/basics/units/spread';
import { toolsOf } from '../shelf/workplace';
import type { Tool } from '../shelf/tool';

/** What is dropped is taken for a usual oil, g/mL. From memory. */
const OIL_G_ML = 0.92;

/** Ten weighed squirts or twenty weighed drops are still some percent apart. Common practice. */
const CALIBRATED: Spread = { low: 0.92, best: 1, high: 1.08 };

/** The maker's own dropper and sprayer where they were weighed, the usual ones where not. */
export function smallMeasuresOf(tools: readonly Tool[]): SmallMeasures {
  const sprayer = toolsOf(tools, 'sprayer')[0];
  const dropper = toolsOf(tools, 'dropper')[0];
  return {
    ...USUAL_SMALL_MEASURES,
    ...(sprayer && { gramsPerSquirt: around(sprayer.tenSquirtsG / 10) }),
    ...(dropper && { oilDropsPerMl: around((20 * OIL_G_ML) / dropper.twentyDropsG) }),
  };
}

/**
 * Grams a squirt of this liquid gives: from the sprayer that it stands in, else from the one in use.
 * @param materialId of what is sprayed
 */
export function squirtG(tools: readonly Tool[], materialId: string): number {
  const own = toolsOf(tools, 'sprayer').find(({ holdsId }) => holdsId === materialId);
  return own ? own.tenSquirtsG / 10 : smallMeasuresOf(tools).gramsPerSquirt.best;
}

function around(value: number): Spread {
  return { low: value * CALIBRATED.low, best: value, high: value * CALIBRATED.high };
}
