import type { Family } from '@/core/formula/model/schema';
import type { Tub } from '@/core/results/water/tub';
import type { Settings } from './settingsSchema';

/** The water a piece of this family works in: a cleaning piece in the basin, all others in the bath. */
export function waterFor(family: Family, { tub, basin }: Pick<Settings, 'tub' | 'basin'>): Tub {
  return family === 'cleaning-fizzy' ? basin : tub;
}
