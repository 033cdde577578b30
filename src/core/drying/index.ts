export { lossFraction } from './loss';
export type { DryingShape } from './loss';
export {
  DRY_FRACTION,
  HANDLE_FRACTION,
  REFERENCE_MM2_H,
  dryFraction,
  dryingFactor,
  hoursToDry,
} from './forecast';
export type { DryingBody } from './forecast';
export { humidityAt, roomClock } from './roomClock';
export type { HumidityPoint } from './roomClock';
export { dryingBodyOf } from './body';
export { refitDrying } from './refit';
export type { DryingPrior, DryingRefit, MoistureReading, PieceWeighing } from './refit';
