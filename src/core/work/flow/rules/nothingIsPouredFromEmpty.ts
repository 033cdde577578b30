import { heldIn } from '../walk';
import type { Rule } from './rule';

/** A vessel that is poured holds something, and is not poured into itself. */
export const nothingIsPouredFromEmpty: Rule<'nothing-is-poured-from-empty'> = {
  code: 'nothing-is-poured-from-empty',
  reason:
    'A step is in the wrong place if two vessels pour into each other, or an empty one pours.',
  source: 'mass balance',
  breaks: ({ moments }) =>
    moments.flatMap(({ operation, before }) =>
      operation.from && heldIn(before, operation.from).length === 0
        ? [{ opId: operation.id, how: null, names: [] }]
        : [],
    ),
};
