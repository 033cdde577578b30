export { expectedLoss } from './expectedLoss';
export type { ExpectedLoss } from './expectedLoss';
export { OWN_LOSS_G_MIN } from './fitTail';
export { goneShare } from './fitCurve';
export { GOOD_SHARE, USELESS_SHARE, jugPlan } from './jugPlan';
export type { JugPlan } from './jugPlan';
export { jugForecast } from './jugForecast';
export { readJug } from './readJug';
export type { JugAnswer, JugProblem, JugQuestion, JugReading, JugResult } from './types';
