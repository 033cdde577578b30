import { isWatery } from '../routes';
import { heldIn } from '../walk';
import type { Rule } from './rule';

/** So long a mix with the acid in it may be filled from. Common practice: it dries and works meanwhile. */
const MOST_FILL_MIN = 30;

/** A bowl with the acid in is filled into its molds in half an hour. */
export const pressedInTime: Rule<'pressed-in-time'> = {
  code: 'pressed-in-time',
  reason:
    'With the acid in, the mix dries and works while it waits. The last pieces crumble or crack.',
  source: 'common practice',
  breaks: ({ moments }) =>
    moments.flatMap(({ operation, before }) => {
      if (operation.op !== 'fill' || operation.minutes <= MOST_FILL_MIN) return [];
      const held = heldIn(before, operation.from);
      const isAlive =
        held.some(({ material }) => material.role === 'acid') &&
        held.some(({ material }) => isWatery(material) || material.isLiquid);
      return isAlive
        ? [{ opId: operation.id, how: { minutes: Math.round(operation.minutes) }, names: [] }]
        : [];
    }),
};
