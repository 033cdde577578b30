import { clumps } from '../routes';
import { heldIn } from '../walk';
import type { BrokenBy, Rule } from './rule';

/** Only powders that clump go through the sieve: no coarse salt, petals or crystals. */
export const sieveWhatClumps: Rule<'sieve-what-clumps'> = {
  code: 'sieve-what-clumps',
  reason: 'Coarse grains stay on the sieve. Unsieved clumps show as bumps and white specks.',
  source: 'common practice',
  breaks: ({ moments }) =>
    moments.flatMap(({ operation, before }): readonly BrokenBy<'sieve-what-clumps'>[] => {
      if (operation.op !== 'sieve') return [];
      const held = heldIn(before, operation.vessel);
      const coarse = held.filter(
        ({ material }) => material.role === 'salt' || material.role === 'botanical',
      );
      if (coarse.length > 0)
        return [
          {
            opId: operation.id,
            how: 'coarse',
            names: coarse.map(({ material }) => material.sentenceName),
          },
        ];
      return held.some(({ material }) => clumps(material))
        ? []
        : [{ opId: operation.id, how: 'nothing', names: [] }];
    }),
};
