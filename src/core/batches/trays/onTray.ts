import { standing } from '../records/summary';
import type { Batch } from '../records/schema';

/** Still on the tray: made, and not yet wrapped. */
export function isOnTray(batch: Batch): boolean {
  return batch.outcome === 'made' && !standing(batch, 'tended').some(({ what }) => what === 'wrap');
}
