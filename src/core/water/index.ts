export { tubReading } from './tub';
export type { Tub, TubReading } from './tub';
