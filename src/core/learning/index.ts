export { forecast, forecastMean, learn } from './regression';
export { studentQuantile } from './student';
export type { Belief, Forecast, Observation } from './regression';
