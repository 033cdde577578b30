export { elementCounts, molarMassGMol } from './molarMass';
export { SPECIES, speciesById } from './species';
export type { Species, SpeciesId } from './species';
export { dissolutionOf } from './dissolution';
export { gasVolumeL } from './gasVolume';
export { fizzBalance } from './stoichiometry';
export { elementMassesG, reactionProducts } from './products';
export type { Product } from './products';
export { acidLessBaseMol } from './equivalents';
export { earlyReaction } from './earlyReaction';
export type { EarlyReaction } from './earlyReaction';
export type { FizzBalance, LimitingSide, ReactantG } from './stoichiometry';
export {
  ACID_SYSTEMS,
  DAVIES_HOLDS_TO_MOL_L,
  acidSystemById,
  carbonicPks,
  henryCo2MolLAtm,
  solveSolution,
} from './equilibrium';
export type { AcidAmount, AcidSystem, AcidSystemId, Solution, SolvedSolution } from './equilibrium';
