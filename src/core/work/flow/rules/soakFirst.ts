import { mainOf } from '../routes';
import { heldIn, type Held } from '../walk';
import type { BrokenBy, Rule } from './rule';

const fizzes = ({ material }: Held) => material.role === 'base' || material.role === 'acid';

/** Loose salts take up their scent before anything fizzes on them. */
export const soakFirst: Rule<'soak-first'> = {
  code: 'soak-first',
  reason: 'Soda and acid fizz away and clump while the scent soaks in.',
  source: 'common practice',
  breaks: ({ body, moments }) => {
    if (body.method !== 'loose') return [];
    const soaks = moments.filter(({ operation }) => operation.op === 'soak');
    const early = soaks.flatMap(({ operation, before }): readonly BrokenBy<'soak-first'>[] => {
      const there = heldIn(before, operation.vessel).filter(fizzes);
      return there.length > 0
        ? [
            {
              opId: operation.id,
              how: 'fizzes',
              names: there.map(({ material }) => material.sentenceName),
            },
          ]
        : [];
    });
    if (soaks.length > 0) return early;
    const held = moments.at(-1)?.after ?? new Map<string, readonly Held[]>();
    const all = [...held.values()].flat().filter(({ line }) => mainOf(body).lines.includes(line));
    const has = (role: Held['material']['role']) =>
      all.some(({ material }) => material.role === role);
    return has('salt') && has('scent') ? [{ opId: null, how: 'no-soak', names: [] }] : [];
  },
};
