export { MOLD_WORDS, describeMold, moldSchema, moldVolumeMl } from './molds';
export type { Mold, MoldShape } from './molds';
export { packedDensityGMl } from './packedDensity';
export { planScale, scaleRequestSchema } from './plan';
export type { PlanResult, PlannedLine, ScalePlan, ScaleRequest, Want } from './plan';
