export { lossFraction } from './loss';
export type { DryingShape } from './loss';
export { dryFraction, dryingForecast, dryingRateMm2H, hoursToDry } from './forecast';
export type { DryingBody, DryingForecast } from './forecast';
