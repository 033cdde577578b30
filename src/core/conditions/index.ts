export { USUAL_CONDITIONS } from './types';
export type { Conditions, OwnTrials, PackedOwn } from './types';
export { conditionsFor, conditionsOfBatch, dampWindowIn } from './conditionsFor';
export type { Made, Room, WorkshopFacts } from './conditionsFor';
