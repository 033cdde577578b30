import { speciesById } from './species';
import type { ReactantG } from './stoichiometry';

/** Acid less base that these reactants bring, in moles of protons: what a swap has to keep to keep the chemistry. */
export function acidLessBaseMol(reactants: readonly ReactantG[]): number {
  return reactants.reduce((sum, { speciesId, massG }) => {
    const { side, equivalentsPerMol, molarMassGMol } = speciesById(speciesId);
    const mol = (massG / molarMassGMol) * equivalentsPerMol;
    return side === 'acid' ? sum + mol : side === 'base' ? sum - mol : sum;
  }, 0);
}
