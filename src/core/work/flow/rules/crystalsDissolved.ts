import { isCrystal } from '../routes';
import { heldIn } from '../walk';
import type { BrokenBy, Rule } from './rule';

/** Menthol is dissolved before it is mixed in: in warm oil before the scents, or in strong alcohol in a closed cup. */
export const crystalsDissolved: Rule<'crystals-dissolved'> = {
  code: 'crystals-dissolved',
  reason: 'Crystals that are not dissolved sting in one place and do nothing elsewhere.',
  source: 'common practice',
  breaks: ({ moments }) =>
    moments.flatMap(({ operation, before, after }): readonly BrokenBy<'crystals-dissolved'>[] => {
      const { op, id } = operation;
      if (op === 'dissolve') {
        const held = heldIn(after, operation.vessel);
        const whole = held.filter((one) => isCrystal(one.material) && !one.isDissolved);
        if (whole.length > 0)
          return [
            {
              opId: id,
              how: 'no-solvent',
              names: whole.map(({ material }) => material.sentenceName),
            },
          ];
        const hasScent = held.some(
          ({ material }) => material.role === 'scent' && !isCrystal(material),
        );
        return operation.saying === 'dissolve-in-oil' && hasScent
          ? [{ opId: id, how: 'after-scent', names: [] }]
          : [];
      }
      if (op !== 'mix' && op !== 'fill') return [];
      const whole = [...heldIn(before, operation.vessel), ...heldIn(before, operation.from)].filter(
        (one) => isCrystal(one.material) && !one.isDissolved,
      );
      return op === 'mix' && whole.length > 0
        ? [{ opId: id, how: 'whole', names: whole.map(({ material }) => material.sentenceName) }]
        : [];
    }),
};
