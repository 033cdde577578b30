export { GONE_WAYS, GRADES, PACKAGING_KINDS, UNIT_KINDS } from './kinds';
export { goodsMoveSchema, packagingSchema, saleUnitSchema } from './schema';
export type { GoneWay, Grade, PackagingKind, UnitKind } from './kinds';
export type { GoodsMove, MoveOf, NewMove, Packaging, SaleUnit } from './schema';
export { standingMoves, standsOn } from './moves';
export { givenBy, looseChanges, looseStock, overdrawn, unitsOnHand, wrappedStock } from './stock';
export type { Loose, LooseStock, WrappedStock } from './stock';
export { takeUnits } from './take';
export { eachCost, lowPackaging, packagingFor, packagingLeft, piecesOf } from './packaging';
export type { PackagingUse } from './packaging';
export { mostUnits, wrapCode, wrapFrom } from './wrap';
export type { FromBatch, WrapPlan } from './wrap';
export { originOf, packagingLot, recallBatch, recallLot } from './recall';
export type { Books, CalledBatch, OrderOrigin, Recall, RecalledHandOver } from './recall';
export { batchContents, changedAfter } from './contents';
export { pieceNet } from './net';
export type { PieceNet } from './net';
export { pieceCost, unitCost } from './unitCost';
export type { PieceCost, UnitCost } from './unitCost';
export { labeledLines, lineContents, unitLabel, unitStaysHard, wrapsOf } from './labelOf';
export type { LabelBooks, LabeledLine, UnitLabel } from './labelOf';
export { newSaleUnit, newPackaging } from './create';
export { crumbledMaterial, crumbsBefore } from './crumble';
export { GONE_WORDS, GRADE_WORDS, PACKAGING_WORDS, UNIT_WORDS, sayMove } from './words';
export { ownKeepingOf, unitKeeps } from './ownLooks';
export { NOT_A_SIGNATURE, dossierOf } from './dossier';
export type { Dossier, DossierBatch, DossierTrial } from './dossier';
export {
  concernsOfBatches,
  concernsOfRun,
  heldBatches,
  promisable,
  promisableLoose,
  sayConcern,
  type Concern,
  type Held,
} from './concerns';
