import { standing, type Batch } from '../records';

/** Still on the tray: made, and not yet wrapped. */
export function isOnTray(batch: Batch): boolean {
  return batch.outcome === 'made' && !standing(batch, 'tended').some(({ what }) => what === 'wrap');
}
