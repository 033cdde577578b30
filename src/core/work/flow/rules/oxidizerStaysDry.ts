import { isOxidizer, isWetting } from '@/core/results/safety/mayHold';
import { heldIn, type Held } from '../walk';
import type { Rule } from './rule';

/** Percarbonate is mixed dry, pressed dry or left as powder. */
export const oxidizerStaysDry: Rule<'oxidizer-stays-dry'> = {
  code: 'oxidizer-stays-dry',
  reason: 'Wet, it warms up and gives off oxygen. With alcohol or oil it can catch fire.',
  source:
    'EU Regulation 1272/2008, oxidizing solids; not checked against the current rule; common practice',
  breaks: ({ moments }) => {
    const first = moments.find(
      ({ operation, after }) => wetWith(heldIn(after, operation.vessel)).length > 0,
    );
    // Said where they meet first: what is poured on from there is wet already.
    return first
      ? [
          {
            opId: first.operation.id,
            how: null,
            names: wetWith(heldIn(first.after, first.operation.vessel)),
          },
        ]
      : [];
  },
};

/** What is wet in a vessel that holds an oxidizer. */
function wetWith(held: readonly Held[]): readonly string[] {
  if (!held.some(({ material }) => isOxidizer(material))) return [];
  const wet = held.filter(({ material }) => isWetting(material));
  return [...new Set(wet.map(({ material }) => material.sentenceName))];
}
