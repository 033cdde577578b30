export { lotDoubtsAhead, restAsPlanned, weighingsAhead } from './asPlanned';
export type { LotDoubt } from './asPlanned';
export { AFTER_BENCH, FATES, FAULTS, KEPT_COLORS } from './kinds';
export { batchSchema } from './schema';
export {
  FATE_WORDS,
  KEPT_COLOR_WORDS,
  OUTCOME_WORDS,
  WEIGHED_BY_WORDS,
  sayWhyAdded,
} from './words';
export type { AddedWhy, Fate, Fault, KeptColor, WeighedBy } from './kinds';
export type { Batch, BatchEntry, EntryOf, FrozenReadings, NewEntry } from './schema';
export {
  benchSteps,
  currentStep,
  giveUp,
  goBack,
  goOn,
  record,
  settleStep,
  startBatch,
  stepsFor,
} from './batch';
export { enteredOnce } from './enteredOnce';
export type { EnteredTwice } from './enteredOnce';
export { settlingEntries } from './settled';
export { strikeEntry } from './strike';
export { correctEntry, figureOf } from './correct';
export { addedDoubt, countDoubt, pieceDoubt, weightDoubt } from './doubts';
export { lastDeed, sayDeed, undoLast } from './undoLast';
export { rescalingFor } from './rescaling';
export type { RescaledStep, Rescaling } from './rescaling';
export { rescale } from './rescale';
export { bowlContents, weighedDampPct, isParted, mixToCome } from './bowl';
export type { BowlNumber } from './bowl';
export {
  countOf,
  plannedSamplers,
  pressedPieces,
  openSqueeze,
  roomOf,
  standing,
  weighedLines,
  meanPieceG,
  weighedRatio,
  weighedTotalG,
} from './summary';
export type { WeighedLine } from './summary';
export { PHOTOS_A_BATCH, PHOTO_MAX_CHARS, PHOTO_MAX_PX } from './photoSize';
export { photoSchema } from './photo';
export type { Photo } from './photo';
export { LOOK_MONTHS, isStillGood, keptPieces, looksOf, ownKeeping } from './keptBack';
export type { Look, LookMonth, OwnKeeping } from './keptBack';
export { freeCode, nextBatchCode } from './batchCode';
export { awayHours, clockBehindS, timerLeftS } from './timer';
export { contentsOf, sharesOf, weighedEntry } from './weighed';
