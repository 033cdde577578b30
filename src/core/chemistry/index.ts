export { elementCounts, molarMassGMol } from './molarMass';
export { SPECIES, speciesById } from './species';
export type { Species, SpeciesId } from './species';
export { dissolutionOf } from './dissolution';
export { gasVolumeL } from './gasVolume';
export { fizzBalance } from './stoichiometry';
export type { FizzBalance, LimitingSide, ReactantG } from './stoichiometry';
export { ACID_SYSTEMS, acidSystemById, henryCo2MolLAtm, solveSolution } from './equilibrium';
export type { AcidAmount, AcidSystem, AcidSystemId, Solution, SolvedSolution } from './equilibrium';
