export { benchStepSchema } from './steps';
export type { BenchStep, Vessel, WeighStep } from './steps';
export { planSteps, weighedLineIds } from './planSteps';
export { handSigns } from './handSigns';
export type { HandSign } from './handSigns';
