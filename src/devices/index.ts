export type { ScaleReading, ScaleSource } from './scale';
export { simulatedScale } from './simulatedScale';
export type { SimulatedScale } from './simulatedScale';
