import { isSetFat, isVolatile } from '../routes';
import { heldIn } from '../walk';
import type { BrokenBy, Rule } from './rule';

/** Alcohol and scent never stand on the heat, and a fat is melted before it is mixed in. */
export const heatThenFlame: Rule<'heat-then-flame'> = {
  code: 'heat-then-flame',
  reason:
    'Alcohol vapor burns and scent evaporates, so fats melt before either is near. A fat that is not melted stays in lumps.',
  source: 'common practice',
  breaks: ({ moments }) =>
    moments.flatMap(({ operation, before, after }): readonly BrokenBy<'heat-then-flame'>[] => {
      const { op, id } = operation;
      if (op === 'melt' || op === 'warm' || op === 'infuse') {
        const near = heldIn(after, operation.vessel).filter(({ material }) => isVolatile(material));
        return near.length > 0
          ? [
              {
                opId: id,
                how: 'volatile',
                names: near.map(({ material }) => material.sentenceName),
              },
            ]
          : [];
      }
      if (op !== 'mix') return [];
      const lumps = [...heldIn(before, operation.vessel), ...heldIn(before, operation.from)].filter(
        (held) => isSetFat(held.material) && !held.isMelted,
      );
      return lumps.length > 0
        ? [{ opId: id, how: 'lumps', names: lumps.map(({ material }) => material.sentenceName) }]
        : [];
    }),
};
