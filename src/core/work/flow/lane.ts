import type { FormulaBody } from '@/core/formula/model/schema';
import { VESSEL_WORDS } from '../bench-steps/steps';
import type { Operation } from './types';

/** What its vessel is called: by its part, where that is not the main mix. */
export function laneOf({ vessel, partId }: Operation, body: FormulaBody): string {
  const word = VESSEL_WORDS[vessel.kind];
  const part = body.parts.find(({ id }) => id === partId);
  const isShared = vessel.kind === 'mold' || vessel.kind === 'tray';
  return part && part !== body.parts[0] && !isShared ? `${part.name}, ${word}` : word;
}
