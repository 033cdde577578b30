export { lossFraction } from './loss';
export type { DryingShape } from './loss';
export {
  DRY_FRACTION,
  HANDLE_FRACTION,
  LONGEST_H,
  REFERENCE_MM2_H,
  dryFraction,
  dryingFactor,
  hoursToDry,
  staysFraction,
} from './forecast';
export type { DryingBody, RoomAir } from './forecast';
export { airAt, roomClock } from './roomClock';
export type { AirPoint } from './roomClock';
export { USUAL_WATER_ACTIVITY_PCT, waterActivityPct } from './waterActivity';
export { dryingBodyOf } from './body';
export { refitDrying } from './refit';
export type { DryingPrior, DryingRefit, MoistureReading, PieceWeighing } from './refit';
