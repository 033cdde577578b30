export { scentReading } from './load';
export type { ScentReading } from './load';
export { scentLimits } from './limits';
export type { ConstituentReading, ScentLimits } from './limits';
