import { USUAL_SMALL_MEASURES, type SmallMeasures } from '../recipe-text';
import type { Spread } from '../units';
import type { Tool, ToolKind, ToolOf } from '../shelf';

/** What is dropped is taken for a usual oil, g/mL. From memory. */
const OIL_G_ML = 0.92;

/** Ten weighed squirts or twenty weighed drops are still some percent apart. Common practice. */
const CALIBRATED: Spread = { low: 0.92, best: 1, high: 1.08 };

/** The maker's own dropper and sprayer where they were weighed, the usual ones where not. */
export function smallMeasuresOf(tools: readonly Tool[]): SmallMeasures {
  const sprayer = first(tools, 'sprayer');
  const dropper = first(tools, 'dropper');
  return {
    ...USUAL_SMALL_MEASURES,
    ...(sprayer && { gramsPerSquirt: around(sprayer.tenSquirtsG / 10) }),
    ...(dropper && { oilDropsPerMl: around((20 * OIL_G_ML) / dropper.twentyDropsG) }),
  };
}

/** The one of a kind that is in use. */
function first<K extends ToolKind>(tools: readonly Tool[], kind: K): ToolOf<K> | undefined {
  return tools
    .filter((tool): tool is ToolOf<K> => tool.kind === kind)
    .sort((a, b) => a.rank - b.rank)[0];
}

function around(value: number): Spread {
  return { low: value * CALIBRATED.low, best: value, high: value * CALIBRATED.high };
}
