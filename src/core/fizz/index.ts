export { flowPerS, goneAfterS, leftFraction, recessionMmS } from './erosion';
export type { FizzFactors } from './erosion';
