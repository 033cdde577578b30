export { FAULT_ROWS, faultRow } from './faultTable';
export type { FaultRow } from './faultTable';
export { NOTHING_OUTSIDE, batchFacts } from './facts';
export type { BatchFacts, OutsideFacts } from './facts';
export { rankCauses } from './rankCauses';
export type { FaultCount, RankedCause } from './rankCauses';
export { CAUSES } from './causeTable';
export type { CauseId, CauseRow } from './causeTable';
export { WEAK_SHARE } from './causeTable';
