export type { Belief, Forecast, Observation } from './regression';
export { forecastRecord, learnRobustly } from './robust';
export type { Seen } from './robust';
export { studentQuantile } from './student';
export {
  DAMP_WANTED,
  DRYING_DIFFUSIVITY,
  FLOATS_UNDER,
  FOAM_STANDS,
  HELD_SHARE,
  PACKED_DENSITY,
  PRESS_LOSS,
  SHARE_KEPT,
  SHOWERS_LAST,
  WEAR_SPEED,
  askedOf,
  learned,
  taughtBy,
} from './quantities';
export type {
  DampRecord,
  Dated,
  DryingRecord,
  FillRecord,
  FloatRecord,
  Learned,
  LossRecord,
  OverModel,
  Place,
  Quantity,
  ShareRecord,
  Taught,
  WearRecord,
} from './quantities';
export { learnedLoss, packedFromFills } from './fromFills';
export type { Fill } from './fromFills';
export { dampRecordsOf, learnedDamp, lossRecordsOf } from './fromBatches';
