export { MOLD_FIGURES } from './moldFigures';
export {
  MOLD_WORDS,
  describeMold,
  moldHolding,
  moldSurfaceMm2,
  moldVolumeMl,
  sideView,
} from './molds';
export { moldSchema } from './moldSchema';
export type { Mold, MoldShape } from './moldSchema';
export type { MoldFigure } from './moldFigures';
export { packedDensityGMl } from './packedDensity';
export { USUAL_REQUEST, usualRequest } from './request';
export { scaleRequestSchema } from './requestSchema';
export type { MoldSet, ScaleRequest, Want, WantKind, Way } from './requestSchema';
export { requestFor } from './request';
export { NO_MEANS } from './means';
export type { Means, PremixStock } from './means';
export { planScale } from './plan';
export { usualPieceG } from './usualPiece';
export type { PlanResult, PlannedSet, ScalePlan } from './plan';
export type { PlannedLine } from './planLines';
export { mixOf, mixReadings } from './mixReadings';
export type { Mix, MixReadings } from './mixReadings';
export { cavityMl, useOfLeftover } from './leftover';
export type { LeftoverUse } from './leftover';
export { totalPieces } from './totalPieces';
export { materialsUsed } from './used';
export { planTogether } from './together';
export type { Need, Together, Wanted } from './together';
export { bowlHoldsG, piecesByBowl } from './bowls';
