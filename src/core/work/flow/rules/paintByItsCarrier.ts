import { isStrongAlcohol } from '../routes';
import { heldIn } from '../walk';
import type { Rule } from './rule';

/** Free water over this share of the paint sets a surface off. Rovack estimate. */
const MOST_WATER = 0.15;

/** A paint is carried by strong alcohol or by oil, and called by it; water sets the surface off. */
export const paintByItsCarrier: Rule<'paint-by-its-carrier'> = {
  code: 'paint-by-its-carrier',
  reason: 'Water and weak alcohol set the surface off. Oil and strong alcohol do not.',
  source: 'common practice',
  breaks: ({ moments }) =>
    moments.flatMap(({ operation, before }) => {
      if (operation.op !== 'paint' || operation.saying === 'own') return [];
      const held = heldIn(before, operation.from);
      const massG = held.reduce((sum, { line }) => sum + line.massG, 0);
      const watery = held.filter(
        ({ material }) =>
          material.isLiquid && !isStrongAlcohol(material) && material.waterFraction.value > 0,
      );
      const waterG = held.reduce(
        (sum, { line, material }) => sum + line.massG * material.waterFraction.value,
        0,
      );
      return massG > 0 && waterG / massG > MOST_WATER
        ? [
            {
              opId: operation.id,
              how: null,
              names: watery.map(({ material }) => material.sentenceName),
            },
          ]
        : [];
    }),
};
