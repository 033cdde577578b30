export { benchStepSchema, lotUseSchema } from './steps';
export type { BenchStep, LotUse, Vessel, WeighStep } from './steps';
export { planSteps, weighedLineIds } from './planSteps';
export type { LotsByLine } from './planSteps';
export { benchCautions, sheetRows } from './sheet';
export type { SheetRow } from './sheet';
export { takenFrom } from './takenFrom';
export { handSigns } from './handSigns';
export type { HandSign } from './handSigns';
