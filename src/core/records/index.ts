export { batchSchema } from './schema';
export type { Batch, BatchEntry, EntryOf, FrozenReadings, NewEntry } from './schema';
export {
  currentStep,
  giveUp,
  goBack,
  goOn,
  record,
  settleStep,
  settlingEntries,
  startBatch,
  strikeEntry,
} from './batch';
export {
  bowlContents,
  countOf,
  openSqueeze,
  roomOf,
  standing,
  weighedLines,
  weighedRatio,
  weighedTotalG,
} from './summary';
export type { WeighedLine } from './summary';
export { nextBatchCode } from './batchCode';
export { timerLeftS } from './timer';
export { contentsOf, weighedEntry } from './weighed';
