export { isMadeOf, pastOf, type PastBatch } from './pastBatch';
export { NEWEST_AT_HAND, idsAtHand } from './atHand';
export { movesOfPast, usesOf, type PastUses } from './movesOfPast';
