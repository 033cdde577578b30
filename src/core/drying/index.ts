export { lossFraction } from './loss';
export type { DryingShape } from './loss';
export { dryFraction, dryingRateMm2H, hoursToDry } from './forecast';
export type { DryingBody } from './forecast';
