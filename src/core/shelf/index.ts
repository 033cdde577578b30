export { lotSchema } from './lot';
export type { Lot } from './lot';
export { shelfMoldSchema, toolSchema } from './tool';
export type { ShelfMold, Tool, ToolKind, ToolOf } from './tool';
export { lotMoves, stockLeft } from './stock';
export type { LotMove } from './stock';
export { assignLots, usableLots } from './assignLots';
export type { AssignedLots } from './assignLots';
export { lotsOfBatch, usersOfLot } from './trace';
export type { LotOfBatch, LotUsers } from './trace';
export { SOON_DAYS, daysBetween, keepingOf, lowStock, usableByMaterial } from './watch';
export type { Keeping, Low } from './watch';
export { nextPremixCode, planPremix, premixParts, premixStock } from './premix';
export type { PremixPlan } from './premix';
export { FROM_THE_TAP, shoppingList } from './shoppingList';
export type { BuyingFacts, ToBuy } from './shoppingList';
export {
  LOT_COLUMNS,
  MATERIAL_COLUMNS,
  lotRows,
  materialRows,
  missingColumns,
  readLotRows,
  readMaterialRows,
} from './readRows';
export type { ReadRows, Row, RowProblem } from './readRows';
export { LOT_FILTERS, findLots, findable } from './findLots';
export type { FindableLot, LotFilter } from './findLots';
export { isInALot, usersOfMaterial } from './usersOfMaterial';
