import type { FormulaBody } from '@/core/formula';
import { VESSEL_WORDS } from '@/core/making';
import type { Vessel } from '@/core/work';

/** What a vessel is called on Design: by its part, where that is not the main mix. */
export function vesselName({ kind, partId }: Vessel, { parts }: FormulaBody): string {
  const part = parts.find(({ id }) => id === partId);
  const isMain = part === parts[0] || kind === 'mold' || kind === 'tray';
  return isMain ? VESSEL_WORDS[kind] : `${part?.name ?? ''}, ${VESSEL_WORDS[kind]}`;
}
