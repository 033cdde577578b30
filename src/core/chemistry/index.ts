export { elementCounts, molarMassGMol } from './molarMass';
export { SPECIES, speciesById } from './species';
export type { Species, SpeciesId } from './species';
export { gasVolumeL } from './gasVolume';
export { fizzBalance } from './stoichiometry';
export type { FizzBalance, LimitingSide, ReactantG } from './stoichiometry';
