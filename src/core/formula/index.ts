export {
  FAMILIES,
  LINE_WAYS,
  MAX_LINE_G,
  METHODS,
  OPERATIONS,
  ORIGINS,
  PART_KINDS,
  SCHOOLS,
  VESSEL_KINDS,
} from './kinds';
export { formulaBodySchema, formulaSchema, lineSchema } from './schema';
export type {
  Family,
  Formula,
  FormulaBody,
  FormulaVersion,
  Line,
  Method,
  Part,
  PartKind,
  School,
  UnreadLine,
  WorkEdit,
} from './schema';
export type { LineWay, OpKind, VesselKind } from './kinds';
export { FAMILY_WORDS, METHOD_WORDS, PART_WORDS, SCHOOL_WORDS, isForSkin, useOf } from './words';
export { emptyBody, lineOf, newFormula, newLine, newPart } from './create';
export { newId } from './newId';
export { withLabelNote, withNotes } from './notes';
export { WAY_WORDS, setLineWay, waysOf } from './ways';
export { sameData } from './sameData';
export {
  addLine,
  addMass,
  allLines,
  lineById,
  moveLine,
  removeLine,
  reorderLines,
  setLineAmount,
  setLineLocked,
  setLineMass,
  setLineMaterial,
  setLinePhase,
  settleUnread,
  totalMassG,
  tradeMass,
} from './edit';
export { describeVersion, hasUnkeptChanges, isBlank, keepVersion, latestVersion } from './versions';
export { addPart, isInside, partMassG, removePart, setPartMass, setPartPerPiece } from './parts';
export { matchesFormula } from './search';
export { compareBodies } from './compare';
export type { BodyDifference, LineDifference } from './compare';
export { PRESETS, bodyOfPreset } from './presets';
export type { Preset, PresetId } from './presets';
export { RATIO_SCHOOLS, setRatio } from './setRatio';
export { sayUnread } from './unreadWords';
export type { UnreadReason } from './schema';
