export { ACID_SYSTEMS, acidSystemById } from './acidSystems';
export type { AcidSystem, AcidSystemId } from './acidSystems';
export { DAVIES_HOLDS_TO_MOL_L } from './activity';
export { carbonicPks, henryCo2MolLAtm } from './temperature';
export { solveSolution } from './solve';
export type { AcidAmount, Solution } from './flat';
export type { Near, SolvedSolution } from './solve';
