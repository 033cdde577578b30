export type { Belief, Forecast, Observation } from './regression';
export { forecastRecord, learnRobustly } from './robust';
export type { Seen } from './robust';
export { studentQuantile } from './student';
export {
  DAMP_WANTED,
  DRYING_DIFFUSIVITY,
  EROSION_SPEED,
  GRAMS_PER_SQUIRT,
  HELD_SHARE,
  ML_PER_DROP,
  PACKED_DENSITY,
  PRESS_LOSS,
  learned,
} from './quantities';
export type {
  Composition,
  DampRecord,
  Dated,
  DropRecord,
  DryingRecord,
  ErosionRecord,
  FillRecord,
  Learned,
  LossRecord,
  Place,
  Quantity,
  SquirtRecord,
} from './quantities';
export { learnedLoss, packedFromFills } from './fromFills';
export type { Fill } from './fromFills';
export { dampRecordsOf, learnedDamp, lossRecordsOf } from './fromBatches';
