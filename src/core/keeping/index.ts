export { BARRIERS, BARRIER_IDS, barrierById } from './barriers';
export type { BarrierId } from './barriers';
export { SOFT_FRACTION, YEARS_DAYS, staysHard } from './staysHard';
export type { KeptPiece, Place, StaysHard } from './staysHard';
export { correctedBy, keepingFactor } from './corrected';
export type { HardLook, KeepingFactor } from './corrected';
export { bestBefore } from './bestBefore';
export type { BestBefore, KeepingLimit } from './bestBefore';
export { sayKeepingLimit, sayKeepsFor } from './words';
