export { expectedLoss } from './expectedLoss';
export type { ExpectedLoss } from './expectedLoss';
export { OWN_LOSS_G_MIN } from './fitTail';
export { goneShare } from './fitCurve';
export { GOOD_SHARE, JUG_TEMP_C, USELESS_SHARE, jugPlan } from './jugPlan';
export type { JugPlan } from './jugPlan';
export { readJug } from './readJug';
export type { JugAnswer, JugProblem, JugQuestion, JugReading, JugResult } from './types';
