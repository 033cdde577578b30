export { TENDINGS, VESSEL_WORDS, benchStepSchema, lineShareSchema, lotUseSchema } from './steps';
export type { BenchStep, LineShare, LotUse, StepOf, Tending, Vessel, WeighStep } from './steps';
export { benchCautions, sheetRows } from './sheet';
export type { SheetRow } from './sheet';
export { lanesOf, meanwhile } from './lanes';
export type { LaneStep, Lanes } from './lanes';
export { takenFrom } from './takenFrom';
export { handSigns } from './handSigns';
export type { HandSign } from './handSigns';
