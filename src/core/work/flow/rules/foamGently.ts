import { heldIn } from '../walk';
import type { Rule } from './rule';

/** Foaming powder goes in with the acid, or gently at the end of the dry mix. */
export const foamGently: Rule<'foam-gently'> = {
  code: 'foam-gently',
  reason: 'In the long dry mix it flies and irritates eyes, nose and lungs.',
  source: 'common practice',
  breaks: ({ moments }) =>
    moments.flatMap(({ operation, before }) => {
      if (operation.saying !== 'mix-dry' && operation.op !== 'sieve') return [];
      const foams = heldIn(before, operation.vessel).filter(
        ({ material, line }) => material.role === 'foamer' && line.phase === 'dry',
      );
      return foams.length > 0
        ? [
            {
              opId: operation.id,
              how: null,
              names: foams.map(({ material }) => material.sentenceName),
            },
          ]
        : [];
    }),
};
