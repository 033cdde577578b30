export { dampOf, dampReading, dampSums } from './damp';
export type { DampReading, DampSums, MaterialMass } from './damp';
export { dampWindow, movedWindow } from './windows';
export type { DampWindow } from './windows';
export { freeWaterBand, freeWaterLimitsPct } from './freeWater';
export type { FreeWaterBand } from './freeWater';
export { corrections } from './correction';
export type { Correction, Felt } from './correction';
export { PENDULAR_TO, saturation } from './saturation';
