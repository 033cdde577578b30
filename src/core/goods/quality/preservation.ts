import { standingEntries } from './entries';
import type { LogbookEntry, LogbookOf } from './logbook';

/** Below it nothing grows. Source: USP chapter 1112; not checked against its current text. */
export const NOTHING_GROWS_BELOW = 0.6;
/** Below it bacteria do not grow, a few molds may. Source: ISO 29621:2017; not checked against its current text. */
export const LOW_RISK_BELOW = 0.75;

/** Why a dry piece needs no preservative, or that nobody has shown it. */
export type Preservation =
  | { readonly code: 'not-measured' }
  | {
      readonly code: 'nothing-grows' | 'low-risk' | 'needs-answer';
      /** The wettest one measured decides. */
      readonly measured: LogbookOf<'water-activity'>;
    };

export function preservationOf(
  batchIds: ReadonlySet<string>,
  logbook: readonly LogbookEntry[],
): Preservation {
  const [wettest] = standingEntries(logbook, 'water-activity')
    .filter(({ batchId }) => batchIds.has(batchId))
    .sort((a, b) => b.waterActivity - a.waterActivity);
  if (!wettest) return { code: 'not-measured' };
  const { waterActivity } = wettest;
  const code =
    waterActivity < NOTHING_GROWS_BELOW
      ? 'nothing-grows'
      : waterActivity < LOW_RISK_BELOW
        ? 'low-risk'
        : 'needs-answer';
  return { code, measured: wettest };
}
