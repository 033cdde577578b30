export { tubReading } from './tub';
export type { Tub, TubReading } from './tub';
export { BATH_PH, SURFACE_PH } from './windows';
