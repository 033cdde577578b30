export { MOLD_WORDS, describeMold, moldSchema, moldVolumeMl, sideView } from './molds';
export type { Mold, MoldShape } from './molds';
export { packedDensityGMl } from './packedDensity';
export { USUAL_REQUEST, planScale, scaleRequestSchema, usualPieceG } from './plan';
export type { PlanResult, PlannedLine, ScalePlan, ScaleRequest, Want } from './plan';
