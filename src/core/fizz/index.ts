export { compositionOf, isFiller, isOily } from './composition';
export {
  FILLER_SLOPE,
  OIL_SLOPE,
  goneAfterS,
  leftFraction,
  recessionLog,
  recessionMmS,
} from './erosion';
export type { FizzFactors } from './erosion';
export {
  USUAL_GRAINS,
  grainDiametersMm,
  grainsGoneAfterS,
  grainsLeftFraction,
  lastGrainS,
} from './grains';
export type { GrainSizes } from './grains';
export { showersOf } from './showers';
export { surfaceReading } from './surface';
export type { SurfaceQuestion, SurfaceReading } from './surface';
export { WETTING_S, wornS } from './wetting';
export { BATH_OF_SALTS_G, bathsOf, doseG } from './dose';
