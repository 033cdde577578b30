export { simulateSpread } from './simulate';
export type { Distribution, Measuring, SpreadQuestion, SpreadResult } from './simulate';
export { drawNormal, drawTriangular, seededRandom } from './random';
